package nabe.swap;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Words;

/** Names of foods that are work as well: "roll out", "toast it", "fish out the bay". */
final class FoodVerbs {
    private static final Set<String> VERBS = Set.of(
            "roll", "toast", "mash", "wrap", "batter", "salt", "pepper", "sole", "steak", "game", "oil", "stuff",
            "bread", "crumble", "date");
    private static final Pattern OBJECT = Pattern.compile(
            "^(?:,? (?:and|&|or) \\w+)? (?:out|up|it|them|the|each|in|into|over|around|a|an|another|on|with|until|for|well|lightly|your|tightly|together|&)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Foods far more often than work: work only where a clause opens with them, "fish out the bay", "cream the butter". */
    private static final Set<String> SELDOM_VERBS = Set.of("fish", "cream", "rice", "flour", "shell");

    private static final Pattern OPENS = Pattern.compile(
            "(?:^|[.;:,]\\s*|\\b(?:and|then|to|or|&|it|them|you|while|until|lightly|just)\\s+)$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern OBJECT_TAKEN =
            Pattern.compile("^ (?:out|together|the|them|it|each)\\b", Pattern.CASE_INSENSITIVE);

    private FoodVerbs() {}

    /** @param before what stands before the name, {@code after} what follows it */
    static boolean isVerb(String name, String before, String after) {
        boolean opens = OPENS.matcher(before).find();
        String key = Words.key(name);
        return key.equals("roll")
                || key.equals("grit")
                || opens
                        && (key.equals("chuck")
                                || VERBS.contains(key) && OBJECT.matcher(after).find()
                                || SELDOM_VERBS.contains(key)
                                        && OBJECT_TAKEN.matcher(after).find());
    }

    /** The same of a thing the recipe swaps: work only with its object right after it, since "and bread in a dish" is bread. */
    static boolean isVerbOfItsObject(String name, String before, String after) {
        String key = Words.key(name);
        return (VERBS.contains(key) || SELDOM_VERBS.contains(key))
                && OPENS.matcher(before).find()
                && OBJECT_TAKEN.matcher(after).find();
    }
}
