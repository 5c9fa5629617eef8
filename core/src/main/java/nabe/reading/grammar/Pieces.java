package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.larder.Words;
import nabe.reading.grammar.Token.Kind;

/** Text → its words, numbers and marks, one by one; a hyphen within a word is left out. */
final class Pieces {
    private static final Pattern THOUSANDS = Pattern.compile("\\d+,\\d{3}");
    private static final String SALT_AND_PEPPER = "s&p";
    private static final Map<String, Double> SIGNS = Map.ofEntries(
            Map.entry("½", 1 / 2.0),
            Map.entry("⅓", 1 / 3.0),
            Map.entry("⅔", 2 / 3.0),
            Map.entry("¼", 1 / 4.0),
            Map.entry("¾", 3 / 4.0),
            Map.entry("⅛", 1 / 8.0),
            Map.entry("⅜", 3 / 8.0),
            Map.entry("⅝", 5 / 8.0),
            Map.entry("⅞", 7 / 8.0),
            Map.entry("⅕", 1 / 5.0),
            Map.entry("⅖", 2 / 5.0),
            Map.entry("⅗", 3 / 5.0),
            Map.entry("⅘", 4 / 5.0),
            Map.entry("⅙", 1 / 6.0),
            Map.entry("⅚", 5 / 6.0));
    private static final List<String> ONES = List.of(
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen");
    private static final List<String> TENS =
            List.of("twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    private static final Map<String, Double> NUMBERS = numbers();
    /** As hasty cooks write; halves are pieces, not a share. */
    private static final Map<String, String> SHORT =
            Map.of("&", "and", "@", "at", "thru", "through", "til", "until", "halves", "piece");

    /** "As thick as a £1 coin". */
    private static final Pattern COIN = Pattern.compile("\\p{Sc}");

    private final String text;
    private final List<Token> pieces = new ArrayList<>();
    private int at;

    private Pieces(String text) {
        this.text = text;
    }

    static List<Token> of(String text) {
        Pieces cut = new Pieces(COIN.matcher(text.replace('º', '°')).replaceAll(" "));
        while (cut.at < cut.text.length()) {
            cut.next();
        }
        return cut.pieces;
    }

    private static Map<String, Double> numbers() {
        Map<String, Double> numbers = new HashMap<>(Map.of("couple", 2.0));
        for (int i = 0; i < ONES.size(); i++) {
            numbers.put(ONES.get(i), (double) i);
        }
        for (int i = 0; i < TENS.size(); i++) {
            numbers.put(TENS.get(i), 20.0 + 10 * i);
        }
        return Map.copyOf(numbers);
    }

    private void next() {
        int first = text.codePointAt(at);
        int end = at + Character.charCount(first);
        if (Character.isWhitespace(first)) {
            at = end;
            return;
        }
        if (text.regionMatches(true, at, SALT_AND_PEPPER, 0, 3) && isAlone(at, at + 3)) {
            end = at + 3;
        } else if (isFigure(at)) {
            end = endOfFigures(at);
        } else if (Character.isLetter(first)) {
            end = endOfWord(at);
        }
        if (!isHyphen(at, end)) {
            pieces.add(piece(text.substring(at, end), at, end));
        }
        at = end;
    }

    private boolean isFigure(int i) {
        return i < text.length() && text.charAt(i) >= '0' && text.charAt(i) <= '9';
    }

    private boolean isLetter(int i) {
        return i < text.length() && Character.isLetter(text.codePointAt(i));
    }

    private boolean isAlone(int from, int to) {
        boolean joinedBefore = from > 0 && Character.isLetterOrDigit(text.charAt(from - 1));
        return !joinedBefore && !isLetter(to) && !isFigure(to);
    }

    /** "12", "1.5", "1,5". */
    private int endOfFigures(int from) {
        int end = pastFigures(from);
        boolean point = end < text.length() && (text.charAt(end) == '.' || text.charAt(end) == ',');
        return point && isFigure(end + 1) ? pastFigures(end + 1) : end;
    }

    private int pastFigures(int from) {
        int end = from;
        while (isFigure(end)) {
            end++;
        }
        return end;
    }

    /** "don't" is one word. */
    private int endOfWord(int from) {
        int end = from;
        while (isLetter(end)) {
            end += Character.charCount(text.codePointAt(end));
        }
        boolean apostrophe = end < text.length() && (text.charAt(end) == '\'' || text.charAt(end) == '’');
        return apostrophe && isLetter(end + 1) ? endOfWord(end + 1) : end;
    }

    private boolean isHyphen(int from, int to) {
        return to == from + 1
                && text.charAt(from) == '-'
                && from > 0
                && to < text.length()
                && Character.isLetterOrDigit(text.charAt(from - 1))
                && Character.isLetter(text.charAt(to));
    }

    private static Token piece(String text, int start, int end) {
        String lower = text.toLowerCase(Locale.ROOT);
        String means = SHORT.get(lower);
        if (means != null) {
            return new Token(Kind.WORD, text, means, 0, 0, start, end);
        }
        if (Character.isLetter(text.charAt(0))) {
            Double value = NUMBERS.get(lower);
            return value != null
                    ? number(text, value, start, end)
                    : new Token(Kind.WORD, text, key(text, lower), 0, 0, start, end);
        }
        if (SIGNS.containsKey(text)) {
            return number(text, SIGNS.get(text), start, end);
        }
        if (Character.isDigit(text.charAt(0))) {
            boolean thousands = THOUSANDS.matcher(text).matches();
            return number(text, Double.parseDouble(text.replace(",", thousands ? "" : ".")), start, end);
        }
        return new Token(Kind.MARK, text, text, 0, 0, start, end);
    }

    private static String key(String text, String lower) {
        String plain = lower.replace('’', '\'');
        return plain.contains("'") && !plain.endsWith("'s") ? plain : Words.key(text);
    }

    private static Token number(String text, double value, int start, int end) {
        return new Token(Kind.NUMBER, text, "#", value, value, start, end);
    }
}
