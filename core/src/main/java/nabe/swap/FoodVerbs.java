package nabe.swap;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;

/**
 * Names of foods that are work as well: "roll out", "toast it", "fish out the bay". In doubt it is the food, which is
 * judged: work taken for a food reads oddly, a food taken for work is eaten.
 */
final class FoodVerbs {
    private static final KitchenWords KITCHEN = KitchenWords.shared();
    private static final Pattern DONE = Pattern.compile(
            "^(?:,? (?:and|&|or) \\w+)? (?:out|up|it|them|the|each|in|into|over|around|a|an|another|on|with|until|for|everything|all|half|well|lightly|your|tightly|together|&)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern OBJECT_TAKEN =
            Pattern.compile("^ (?:out|together|the|them|it|each)\\b", Pattern.CASE_INSENSITIVE);
    /** "Toast and", where the next clause is "chop the walnuts". */
    private static final Pattern BARE = Pattern.compile(",? and");

    /** "Toast and chop the walnuts". */
    private static final Pattern THEN_WORK =
            Pattern.compile("^(?:,| and) (?<work>\\p{L}+) (?:the|them|it)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern NOUN = Pattern.compile("^ (\\p{L}{3,})\\b");
    private static final Set<Use> AS_FOOD = Set.of(Use.FOODS, Use.SELDOM_WORK, Use.WORK_OR_FOOD);
    private static final Set<String> OBJECT_LESS = Set.of("and", "for", "is", "are", "should", "goes", "go", "mixed");

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

    /** "A fish slice", "the egg timer", "a pastry brush": a food's name in a tool's. */
    private static final Pattern TOOL = Pattern.compile(
            "^[ -](?:knife|knives|brush|timer|thermometer|tin|tins|board|wheel|machine|cutter|slice|pan|dish|bowl|pot|stone|steel|maker|press|bag|ring)\\b",
            Pattern.CASE_INSENSITIVE);

    /** "A rimmed baking sheet", "a cookie sheet". */
    private static final Pattern BAKING =
            Pattern.compile("\\b(?:baking|cookie|rimmed|lined)\\s+$", Pattern.CASE_INSENSITIVE);

    /** "Cover with plastic wrap": nothing to eat. */
    private static final Pattern FILM = Pattern.compile(
            "\\b(?:plastic|cling|film|foil|food|kitchen|beeswax|freezer)\\s+$", Pattern.CASE_INSENSITIVE);

    private FoodVerbs() {}

    /** @param before what stands before the name, {@code after} what follows it */
    static boolean isInToolsName(String before, String name, String after) {
        return TOOL.matcher(after).find()
                || Words.key(name).equals("sheet") && BAKING.matcher(before).find()
                || Words.key(name).equals("wrap") && FILM.matcher(before).find();
    }

    /** @return whether what follows is eaten beside the dish */
    static boolean isServed(String before) {
        return SERVED.matcher(before).find();
    }

    /** @param before what stands before the name, {@code after} what follows it */
    static boolean isVerb(String name, String before, String after) {
        String key = Words.key(name);
        if (key.equals("roll")) {
            return !BOUGHT_ROLL.matcher(before).find();
        }
        return key.equals("grit")
                || OPENS.matcher(before).find()
                        && KITCHEN.has(Use.WORK_OR_FOOD, key)
                        && DONE.matcher(after).find()
                        && !isServed(before)
                || isVerbOfItsObject(name, before, after);
    }

    /** "Toast bread on a sheet", "mash potatoes with milk": a noun right after it, that makes no one name with it. */
    private static boolean hasBareObject(String after) {
        Matcher noun = NOUN.matcher(after);
        if (!noun.find()) {
            return false;
        }
        String next = Words.key(noun.group(1));
        return AS_FOOD.containsAll(KITCHEN.usesOf(next)) && !OBJECT_LESS.contains(next);
    }

    /** The same of a thing the recipe swaps: work only with its object right after it, since "and bread in a dish" is bread. */
    static boolean isVerbOfItsObject(String name, String before, String after) {
        String key = Words.key(name);
        return (KITCHEN.has(Use.WORK_OR_FOOD, key) || KITCHEN.has(Use.SELDOM_WORK, key))
                        && OPENS.matcher(before).find()
                        && (OBJECT_TAKEN.matcher(after).find() || isThenWorked(after))
                || KITCHEN.has(Use.WORK_OR_FOOD, key)
                        && before.isBlank()
                        && (hasBareObject(after) || BARE.matcher(after).matches());
    }

    private static boolean isThenWorked(String after) {
        Matcher then = THEN_WORK.matcher(after);
        return then.find() && KITCHEN.effect(Words.key(then.group("work"))) != null;
    }
}
