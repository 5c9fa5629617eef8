package nabe.swap;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.larder.Ingredient;
import nabe.larder.Origin;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import nabe.swap.job.Job;

/** Which of the foods that a line names besides its own are not bought by it, or went when it was replaced. */
final class AlsoNamed {
    private static final Set<String> THINS = Set.of("milk", "cream");
    private static final Pattern BRACKET = Pattern.compile("\\([^()]*\\)");
    private static final String JOINED = "(?: and | ?& ?| ?/ ?|, ?)";

    private final Recipe recipe;

    AlsoNamed(Recipe recipe) {
        this.recipe = recipe;
    }

    /** @return whether the food is what the line's own is made of, or another line's */
    boolean besides(Line line, Ingredient other) {
        return isMadeOf(line, other) || isOfAnotherLine(line, other);
    }

    private static boolean isMadeOf(Line line, Ingredient other) {
        Ingredient head = line.ingredient();
        if (head == null || !head.allergens().containsAll(other.allergens())) {
            return false;
        }
        String text = line.text().toLowerCase(Locale.ROOT);
        boolean cut = head.role().equals(other.role()) && called(other).anyMatch(n -> text.contains(", in " + n));
        boolean flesh =
                (head.origin() == Origin.MEAT || head.origin() == Origin.FISH) && other.origin() == head.origin();
        return cut || flesh && (isBracketed(line, other) || called(other).anyMatch(n -> isOneMince(text, n)));
    }

    /** "Mixed mince (pork and beef)": the bracket says what the mince is, and brings nothing that it does not. */
    private static boolean isBracketed(Line line, Ingredient other) {
        return line.preparation() != null
                && BRACKET.matcher(line.text()).results().anyMatch(m -> names(m.group(), other));
    }

    /** "Minced beef, veal and pork": one mince of all. */
    private static boolean isOneMince(String text, String name) {
        return Pattern.compile(
                        "(?:minced|ground) (?:\\p{L}+" + JOINED + "){1,2}(?:minced |ground )?\\Q" + name + "\\E\\b")
                .matcher(text)
                .find();
    }

    /** "Onion, fried in 2 tbsp of the butter", of which another line tells. */
    private boolean isOfAnotherLine(Line line, Ingredient other) {
        String text = line.text().toLowerCase(Locale.ROOT);
        return recipe.lines().stream().anyMatch(l -> l != line && l.ingredient() == other)
                && called(other).anyMatch(n -> text.contains(" the " + n) || text.contains(" the melted " + n));
    }

    /** "Lamb gravy" that became another gravy: its lamb is gone with it; so is the splash of milk in an egg to glaze with. */
    boolean wentWith(int index, Line line, Ingredient other, List<Swap> swaps) {
        boolean replaced =
                swaps.stream().anyMatch(s -> s.source() == index && !s.becomes().isEmpty());
        boolean glaze = swaps.stream().anyMatch(s -> s.source() == index && s.job() == Job.GLAZE);
        if (replaced && glaze && THINS.contains(other.role())) {
            return true;
        }
        String item = line.item().toLowerCase(Locale.ROOT);
        return replaced
                && called(other)
                        .anyMatch(kind -> called(line.food()).anyMatch(main -> item.contains(kind + " " + main)));
    }

    private static Stream<String> called(Ingredient food) {
        return Stream.concat(Stream.of(food.name()), food.aliases().stream()).map(n -> n.toLowerCase(Locale.ROOT));
    }

    private static boolean names(String words, Ingredient food) {
        String lower = words.toLowerCase(Locale.ROOT);
        return called(food).anyMatch(lower::contains);
    }
}
