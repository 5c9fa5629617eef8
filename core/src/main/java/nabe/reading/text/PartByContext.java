package nabe.reading.text;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.Part;

/** Says from the words around it which part a share of an ingredient goes to. */
final class PartByContext {
    private static final Pattern CRUMBS =
            Pattern.compile("\\b(?:crumbs?|breadcrumbs?|panko|crackers?|cornflakes?|topping|crumble)\\b");
    private static final Pattern WHITE = Pattern.compile(
            "\\b(?:white sauce|cheese sauce|cream sauce|b[eé]chamel|roux|flour|milk|custard|saucepan until smooth)\\b");
    private static final Pattern RED =
            Pattern.compile("\\b(?:tomato(?:es)?|tomato sauce|red sauce|marinara|rag[uù])\\b");
    private static final Pattern SOFT =
            Pattern.compile("\\b(?:ricotta|cottage cheese|cheese mixture|cheese filling)\\b");
    private static final Pattern DOUGH = Pattern.compile("\\b(?:dough|pastry|rub|scone|batter|crust|lid)\\b");
    private static final Pattern FRY = Pattern.compile(
            "\\b(?:fry|saut[eé]|soften|brown|sweat|cook the|skillet|frying pan|filling|onions?|mushrooms?|leeks?)\\b");
    private static final Pattern GREASE =
            Pattern.compile("\\b(?:grease|butter the (?:dish|pan|tin)|oil the (?:dish|pan|tin))\\b");
    private static final Pattern SCATTER =
            Pattern.compile("\\b(?:scatter|sprinkle|top with|over the top|on top|dot)\\b");
    private static final Pattern MASH = Pattern.compile("\\bmash\\b");
    private static final Pattern STIR_IN = Pattern.compile("\\b(?:stir|mix|fold|beat|whisk|add|combine|melt)\\b");
    /** What recipes divide between parts besides fat and cheese; anything else works where it stands. */
    private static final Set<String> DIVISIBLE =
            Set.of("flour", "milk", "cream", "egg", "onion", "herb", "stock", "hard-cheese");

    private final Family family;

    PartByContext(Family family) {
        this.family = family;
    }

    /**
     * @param sentence in lower case
     */
    Part partOf(String sentence, Line line) {
        boolean cheese = line.part() == Part.MELTING_CHEESE
                || line.part() == Part.HARD_CHEESE
                || line.part() == Part.SOFT_CHEESE;
        return cheese ? cheese(sentence, line) : other(sentence, line);
    }

    /** Cheese stirred into something joins it; laid or scattered it stays cheese. */
    private static Part cheese(String sentence, Line line) {
        if (!STIR_IN.matcher(sentence).find()
                || SCATTER.matcher(sentence).find() && !CRUMBS.matcher(sentence).find()) {
            return line.part();
        }
        if (CRUMBS.matcher(sentence).find()) {
            return Part.TOPPING;
        }
        if (line.part() != Part.SOFT_CHEESE && SOFT.matcher(sentence).find()) {
            return Part.SOFT_CHEESE;
        }
        boolean sauce = sentence.matches(
                ".*\\b(?:into|to|in) (?:the |this )?(?:hot |warm )?(?:white |cheese |cream )?(?:sauce|b[eé]chamel|roux|milk)\\b.*");
        return sauce || WHITE.matcher(sentence).find()
                ? Part.WHITE_SAUCE
                : RED.matcher(sentence).find() ? Part.RED_SAUCE : line.part();
    }

    private Part other(String sentence, Line line) {
        boolean fat = line.hasRole("butter") || line.hasRole("oil");
        if (!fat && DIVISIBLE.stream().noneMatch(line::hasRole)) {
            return line.part();
        }
        boolean crumbs = CRUMBS.matcher(sentence).find();
        if (GREASE.matcher(sentence).find()) {
            return Part.PAN_RELEASE;
        }
        if (crumbs || fat && SCATTER.matcher(sentence).find()) {
            return Part.TOPPING;
        }
        if (family == Family.MASH_TOPPED && MASH.matcher(sentence).find()
                || DOUGH.matcher(sentence).find()) {
            return Part.STRUCTURE;
        }
        if (WHITE.matcher(sentence).find()
                && (fat || line.hasRole("flour") || line.hasRole("milk") || line.hasRole("cream"))) {
            return Part.WHITE_SAUCE;
        }
        return FRY.matcher(sentence).find() ? Part.FILLING : line.part();
    }
}
