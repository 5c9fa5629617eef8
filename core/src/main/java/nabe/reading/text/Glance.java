package nabe.reading.text;

import java.util.List;

/** A cheap look at a text, to spare it the patterns that cannot match. */
final class Glance {
    private Glance() {}

    static boolean hasDigit(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (Character.isDigit(text.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    /** @return whether a figure stands somewhere after the first letter */
    static boolean hasDigitAfterWords(String text) {
        boolean words = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            words |= Character.isLetter(c);
            if (words && (Character.isDigit(c) || "½¼¾⅓⅔⅛".indexOf(c) >= 0)) {
                return true;
            }
        }
        return false;
    }

    /** @return whether one of the signs stands in the text */
    static boolean has(String text, String signs) {
        for (int i = 0; i < text.length(); i++) {
            if (signs.indexOf(text.charAt(i)) >= 0) {
                return true;
            }
        }
        return false;
    }

    /** @return whether one of the pieces stands in the text, which is lower case as they are */
    static boolean says(String lower, List<String> pieces) {
        for (String piece : pieces) {
            if (lower.contains(piece)) {
                return true;
            }
        }
        return false;
    }

    static boolean beginsWithDigit(String text, int at) {
        return at < text.length() && Character.isDigit(text.charAt(at));
    }
}
