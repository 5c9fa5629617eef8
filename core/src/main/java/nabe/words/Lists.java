package nabe.words;

import java.util.List;

/** Several things in a row, as a sentence names them. */
public final class Lists {
    private Lists() {}

    /** @return "milk, eggs and flour" */
    public static String and(List<String> words) {
        return joined("words.and", words);
    }

    /** @return "milk, eggs or flour" */
    public static String or(List<String> words) {
        return joined("words.or", words);
    }

    private static String joined(String last, List<String> words) {
        if (words.isEmpty()) {
            return "";
        }
        String first = words.getFirst();
        for (String next : words.subList(1, Math.max(1, words.size() - 1))) {
            first = Messages.say("words.next", first, next);
        }
        return words.size() == 1 ? first : Messages.say(last, first, words.getLast());
    }
}
