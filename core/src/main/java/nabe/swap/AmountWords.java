package nabe.swap;

import java.text.Normalizer;
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
            "(?:another |a further |the )?(?<![\\d/⁄.,])(?<n>(?:\\d+[ -])?\\d+[/⁄]\\d+|\\d*[½⅓⅔¼¾⅛⅜⅝⅞]|\\d+(?:[.,]\\d+)?)(?: ?)(?<unit>\\p{L}+)(?: of)?(?: the)? $",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern VULGAR = Pattern.compile("[½⅓⅔¼¾⅛⅜⅝⅞]");
    /** Nearer than this the cook's own figure may stand. */
    private static final double SAME = 0.02;

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
        double amount = number(said.group("n")) * unit.factor();
        double was = mass ? amount : amount * density(line.food());
        double now = was * grams / swap.wasGrams();
        double change = mass ? now / was : now / mixedDensity(swap.becomes(), grams) / amount;
        return Math.abs(change - 1) < SAME
                ? Optional.empty()
                : Optional.of(new Said(said.start(), KitchenText.grams(now) + " of the "));
    }

    /** "1 1/3", "½", "1½", "0,5". */
    private static double number(String said) {
        String plain = Normalizer.normalize(VULGAR.matcher(said).replaceAll(" $0"), Normalizer.Form.NFKC)
                .replace(',', '.')
                .replace('⁄', '/')
                .strip();
        double sum = 0;
        for (String part : plain.split("[ -]+")) {
            String[] over = part.split("/");
            sum += Double.parseDouble(over[0]) / (over.length > 1 ? Double.parseDouble(over[1]) : 1);
        }
        return sum;
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
