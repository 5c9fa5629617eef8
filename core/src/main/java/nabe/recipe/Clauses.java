package nabe.recipe;

import java.util.List;
import java.util.regex.Pattern;

/** Clauses of one sentence put together again. */
public final class Clauses {
    private static final Pattern LINKED = Pattern.compile(
            "(?:[,;:.–(-]|\\b(?:and|then|but|or|to|with|before|while|you|(?:and|then|,) ?\\w+ly)|&|\\+)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LINKS = Pattern.compile(
            "^(?:[,;:.–)-]|(?:and|then|but|or|with|until|while|adding|stirring|to)\\b)", Pattern.CASE_INSENSITIVE);

    private static final Pattern AT_ENDS = Pattern.compile(
            "^(?:[,;:&+]|\\s|\\b(?:and|then|but|now)\\b)+|(?:[,;:&+]|(?<!\\bnow )\\band|(?<!\\bnow and )\\bthen|\\bbut|\\s)+$",
            Pattern.CASE_INSENSITIVE);

    /** The end of an aside whose beginning stands in the clause before. */
    private static final Pattern BRACKET_LEFT = Pattern.compile("^[^()]*\\)");

    private Clauses() {}

    /** @return the clause without what only links it to its neighbours */
    public static String unlinked(String clause) {
        return AT_ENDS.matcher(BRACKET_LEFT.matcher(clause).replaceFirst("")).replaceAll("");
    }

    /** @return them in a row, with a comma where neither has a word that links them */
    public static String joined(List<String> clauses) {
        StringBuilder all = new StringBuilder();
        for (String clause : clauses) {
            boolean open = all.isEmpty()
                    || LINKED.matcher(all).find()
                    || LINKS.matcher(clause).find();
            all.append(all.isEmpty() ? "" : open ? " " : ", ").append(clause);
        }
        return all.toString();
    }
}
