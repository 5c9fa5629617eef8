package nabe.prep;

import java.util.List;
import java.util.regex.Pattern;
import nabe.recipe.Clauses;

/** Joins a sentence's clauses again and makes a sentence of what is left of one. */
final class MethodWords {
    private static final Pattern HEAD =
            Pattern.compile("^(?:[,;:–-]|and\\b|then\\b|but\\b|\\s)+", Pattern.CASE_INSENSITIVE);
    /** What the text says of its own order: the steps have one of their own. */
    private static final Pattern MEANWHILE = Pattern.compile(
            "^(?:meanwhile|in the meantime|at the same time|next(?! (?:day|morning))|now|(?:while|when|as) (?:that|this|it|they|those|the \\p{L}+)(?:'s|'re)?\\b[^,.;]{0,50}(?=,))\\b[,:]?\\s*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TAIL = Pattern.compile(
            "(?:[,;:&+–-]|(?<!\\bnow )\\band|(?<!\\bnow and )\\bthen|\\bbut|\\bso that|\\s)+$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern END = Pattern.compile("[.!?…]\\)?$");

    private MethodWords() {}

    static String sentence(List<String> clauses) {
        String joined = Clauses.joined(clauses).replaceAll("\\s+([,.;:])", "$1").replaceAll("\\s{2,}", " ");
        String begun = MEANWHILE.matcher(HEAD.matcher(joined).replaceFirst("")).replaceFirst("");
        String bare = TAIL.matcher(begun).replaceFirst("").strip();
        if (bare.isEmpty()) {
            return "";
        }
        String capital = Character.toUpperCase(bare.charAt(0)) + bare.substring(1);
        return END.matcher(capital).find() ? capital : capital + ".";
    }
}
