package nabe.swap;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.measure.KitchenText;
import nabe.measure.Unit;
import nabe.reading.text.UnitWords;
import nabe.recipe.Line;

/** Amounts said in the method of what was swapped: "30 g of the butter" holds for butter, not for the oil that came. */
final class AmountWords {
    private static final Pattern BEFORE = Pattern.compile(
            "(?:another |a further )?(?<n>\\d+(?:[.,]\\d+)?)(?: ?)(?<unit>\\p{L}+)(?: of)?(?: the)? $",
            Pattern.CASE_INSENSITIVE);
    /** Nearer than this the cook's own figure may stand. */
    private static final double SAME = 0.04;

    private final Larder larder;

    AmountWords(Larder larder) {
        this.larder = larder;
    }

    /** @param start where the stretch that says the amount begins; {@code words} what it reads now, with "of the" */
    record Said(int start, String words) {}

    /** @param before the sentence up to the thing's name; empty where no amount stands there or where it still holds */
    Optional<Said> before(String before, Line line, Swap swap) {
        Matcher said = BEFORE.matcher(before);
        double grams = swap.becomes().stream()
                .mapToDouble(b -> b.grams() == null ? 0 : b.grams())
                .sum();
        if (!said.find() || line.gramsOrZero() <= 0 || swap.wasGrams() == null || swap.wasGrams() <= 0 || grams <= 0) {
            return Optional.empty();
        }
        Unit unit = UnitWords.ofWord(said.group("unit"));
        boolean mass = unit != null && unit.kind() == Unit.Kind.MASS;
        if (unit == null || !unit.isFixed()) {
            return Optional.empty();
        }
        double amount = Double.parseDouble(said.group("n").replace(',', '.')) * unit.factor();
        double was = mass ? amount : amount * density(line.ingredient());
        double now = was * grams / swap.wasGrams();
        double change = mass ? now / was : now / mixedDensity(swap.becomes(), grams) / amount;
        return Math.abs(change - 1) < SAME
                ? Optional.empty()
                : Optional.of(new Said(said.start(), KitchenText.grams(now) + " of the "));
    }

    private double mixedDensity(List<Swap.Becomes> of, double grams) {
        double ml = of.stream()
                .mapToDouble(b -> b.grams() == null ? 0 : b.grams() / density(larder.get(b.ingredient())))
                .sum();
        return grams / ml;
    }

    private static double density(Ingredient ingredient) {
        return ingredient.gramsPerMl().orElse(1);
    }
}
