package nabe.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Words;
import org.jspecify.annotations.Nullable;

/** Cuts a label into words, numbers and marks. Every letter lands in a token. */
final class Lexer {
    private static final Pattern NEXT = Pattern.compile(
            "(?<additive>\\b(?:e|ins)[\\s-]?\\d{3,4}(?!\\d)"
                    + "(?:\\s?[a-h](?![\\p{L}\\d]))?(?:\\s?\\((?:[ivx]+)\\)|(?<=\\d)[ivx]+\\b)?)"
                    + "|(?<number>\\d+(?:[.,]\\d+)*(?:\\s?(?:%|(?:k?g|mg|µg|μg|mcg|ml|cl|l|kj|kcal|cal|iu|oz|lb|cm|mm|ppm|°c|°f|°)(?![\\p{L}\\d])))?(?![\\p{L}\\d]))"
                    + "|(?<elided>[ldLD]'(?=\\p{L}))"
                    + "|(?<word>[\\p{L}\\d|](?:[\\p{L}\\p{M}\\d|]|(?<=\\p{L})'(?=\\p{L}))*|@)"
                    + "|(?<amp>&)"
                    + "|(?<cut>…|\\.{2,}|\\betc\\b)"
                    + "|(?<dash> - |^- |(?<=\\n)-)"
                    + "|(?<mark>[,;:()\\[\\]{}.!?\\n•·▪◦‣/|*†‡^、，。])",
            Pattern.CASE_INSENSITIVE | Pattern.MULTILINE);
    private static final Pattern ADDITIVE = Pattern.compile("\\d{3,4}");
    private static final Pattern LETTERED = Pattern.compile("\\d{3,4}[a-h]");
    private static final Pattern VITAMIN = Pattern.compile("[a-ek]\\d{1,2}");
    private static final Set<String> SHORT = Set.of("e.g", "i.e", "incl", "approx", "min", "max", "vit", "ca", "no");

    private Lexer() {}

    static List<Token> tokens(String text) {
        List<Token> tokens = new ArrayList<>();
        Matcher m = NEXT.matcher(text);
        int end = 0;
        while (m.find()) {
            Token.Kind kind = kind(m, text);
            if (kind == null) {
                continue;
            }
            String between = text.substring(end, m.start());
            int gap = between.equals("-") ? 0 : between.length();
            tokens.add(new Token(kind, key(kind, m), m.group().strip(), m.start(), m.end(), gap));
            end = m.end();
        }
        return tokens;
    }

    /** @return what it is, or null for a dot that only shortens a word */
    private static Token.@Nullable Kind kind(Matcher m, String text) {
        if (m.group("additive") != null
                || m.group("word") != null
                || m.group("amp") != null
                || m.group("elided") != null) {
            return m.group().equals("|") ? Token.Kind.BULLET : Token.Kind.WORD;
        }
        if (m.group("number") != null) {
            return Token.Kind.NUMBER;
        }
        if (m.group("cut") != null) {
            return Token.Kind.CUT;
        }
        if (m.group("dash") != null) {
            return Token.Kind.BULLET;
        }
        return switch (m.group().charAt(0)) {
            case ',', '、', '，' -> Token.Kind.COMMA;
            case ';' -> Token.Kind.SEMICOLON;
            case ':' -> Token.Kind.COLON;
            case '(', '[', '{' -> Token.Kind.OPEN;
            case ')', ']', '}' -> Token.Kind.CLOSE;
            case '\n' -> Token.Kind.LINE;
            case '*', '†', '‡', '^' -> Token.Kind.NOTE;
            case '.' -> shortens(text, m.start()) ? null : Token.Kind.STOP;
            case '!', '?', '。' -> Token.Kind.STOP;
            default -> Token.Kind.BULLET;
        };
    }

    /** The dot of "incl." or of "S. thermophilus". */
    private static boolean shortens(String text, int dot) {
        int from = dot;
        while (from > 0 && (Character.isLetter(text.charAt(from - 1)) || text.charAt(from - 1) == '.')) {
            from--;
        }
        String word = text.substring(from, dot);
        boolean capital = word.length() == 1 && Character.isUpperCase(word.charAt(0));
        boolean goesOn = dot + 1 < text.length()
                && text.substring(dot + 1).stripLeading().matches("(?s)\\p{Ll}.*");
        return SHORT.contains(word.toLowerCase(Locale.ROOT)) && !(word.equalsIgnoreCase("no") && !goesOn)
                || capital && goesOn;
    }

    private static String key(Token.Kind kind, Matcher m) {
        if (kind == Token.Kind.NUMBER) {
            return m.group();
        }
        if (kind != Token.Kind.WORD) {
            return "";
        }
        if (m.group("additive") != null) {
            Matcher number = ADDITIVE.matcher(m.group());
            return number.find() ? "e" + number.group() : "";
        }
        if (m.group("amp") != null) {
            return "and";
        }
        String lower = m.group().toLowerCase(Locale.ROOT);
        if (m.group("elided") != null) {
            return lower.substring(0, 1);
        }
        if (LETTERED.matcher(lower).matches()) {
            return "e" + lower.replaceAll("\\D", "");
        }
        return VITAMIN.matcher(lower).matches() ? lower : Words.key(m.group());
    }
}
