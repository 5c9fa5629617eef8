package nabe.swap;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Words;

/**
 * Names of foods that are work as well: "roll out", "toast it", "fish out the bay". In doubt it is the food, which is
 * judged: work taken for a food reads oddly, a food taken for work is eaten.
 */
final class FoodVerbs {
    /** Work as often as food: work with what it is done to, or in, or with. */
    private static final Set<String> VERBS =
            Set.of("roll", "toast", "mash", "wrap", "salt", "pepper", "oil", "stuff", "crumble");

    private static final Pattern DONE = Pattern.compile(
            "^(?:,? (?:and|&|or) \\w+)? (?:out|up|it|them|the|each|in|into|over|around|a|an|another|on|with|until|for|well|lightly|your|tightly|together|&)\\b",
            Pattern.CASE_INSENSITIVE);

    /** Foods far more often than work: work only with its object right after, "fish out the bay", "bread the slices". */
    private static final Set<String> SELDOM_VERBS =
            Set.of("fish", "cream", "rice", "flour", "shell", "bread", "batter", "sole", "steak", "game", "date");

    private static final Pattern OBJECT_TAKEN =
            Pattern.compile("^ (?:out|together|the|them|it|each)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern OPENS = Pattern.compile(
            "(?:^|[.;:,]\\s*|\\b(?:and|then|to|or|&|it|them|you|while|until|lightly|just)\\s+)$",
            Pattern.CASE_INSENSITIVE);

    /** What is served beside is named, not done: "serve with soup and toast in a basket". */
    private static final Pattern SERVED =
            Pattern.compile("\\b(?:serve|served|serving|eat|eaten|enjoy|offer)\\b[^.;]*$", Pattern.CASE_INSENSITIVE);

    /** "A roll", "crusty rolls", "with rolls"; "the rolls" are what the recipe rolled. */
    private static final Pattern BOUGHT_ROLL = Pattern.compile(
            "\\b(?:an?|one|with|of|some|crusty|soft|warm|bread|dinner|burger|buttered|bakery|stale)\\s+$",
            Pattern.CASE_INSENSITIVE);

    private FoodVerbs() {}

    /** @param before what stands before the name, {@code after} what follows it */
    static boolean isVerb(String name, String before, String after) {
        String key = Words.key(name);
        if (key.equals("roll")) {
            return !BOUGHT_ROLL.matcher(before).find();
        }
        return key.equals("grit")
                || OPENS.matcher(before).find()
                        && (key.equals("chuck")
                                || VERBS.contains(key)
                                        && DONE.matcher(after).find()
                                        && !SERVED.matcher(before).find())
                || isVerbOfItsObject(name, before, after);
    }

    /** The same of a thing the recipe swaps: work only with its object right after it, since "and bread in a dish" is bread. */
    static boolean isVerbOfItsObject(String name, String before, String after) {
        String key = Words.key(name);
        return (VERBS.contains(key) || SELDOM_VERBS.contains(key))
                && OPENS.matcher(before).find()
                && OBJECT_TAKEN.matcher(after).find();
    }
}
