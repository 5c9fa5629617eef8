package nabe.reading.text;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import nabe.larder.Ingredient;
import nabe.larder.Words;
import nabe.measure.Amount;
import nabe.measure.Spoons;
import nabe.measure.Unit;
import org.jspecify.annotations.Nullable;

/** What an amount weighs: by scales first, then by volume, then by the piece. Never guessed. */
final class Weights {
    /** Share of the medium piece. Kitchen practice; USDA piece sizes run the same way. */
    private static final Map<String, Double> SIZES = Map.of(
            "small",
            0.7,
            "large",
            1.35,
            "big",
            1.35,
            "extra large",
            1.6,
            "extra-large",
            1.6,
            "x-large",
            1.6,
            "fat",
            1.3,
            "jumbo",
            1.6);
    /** An egg's weight table is for large ones: USDA 01123, large 50 g, medium 44, small 38, extra large 56. */
    private static final Map<String, Double> EGG_SIZES = Map.of(
            "small",
            0.76,
            "medium",
            0.88,
            "large",
            1.0,
            "extra large",
            1.12,
            "extra-large",
            1.12,
            "x-large",
            1.12,
            "jumbo",
            1.26);

    /** What a gesture weighs where the larder has no figure of the ingredient's own. Kitchen practice, grams. */
    private static final Map<Unit, Double> GESTURES = Map.of(
            Unit.HANDFUL,
            30.0,
            Unit.KNOB,
            15.0,
            Unit.SPLASH,
            15.0,
            Unit.DRIZZLE,
            5.0,
            Unit.GLUG,
            15.0,
            Unit.SQUEEZE,
            5.0,
            Unit.PINCH,
            0.4,
            Unit.DASH,
            0.6,
            Unit.GRATING,
            0.2);

    private Weights() {}

    /** @return grams, or null when the ingredient, the amount or its weight is not known */
    static @Nullable Amount grams(
            @Nullable Ingredient ingredient,
            @Nullable Measure measure,
            List<Measure> others,
            String item,
            String size,
            Spoons spoons) {
        if (measure == null) {
            return null;
        }
        if (measure.isMass()) {
            return measure.base(spoons);
        }
        if (measure.packSize() != null) {
            return pack(ingredient, measure, spoons);
        }
        for (Measure other : others) {
            if (other.isMass()) {
                return other.base(spoons);
            }
        }
        if (ingredient == null) {
            return null;
        }
        if (measure.isVolume()) {
            return volume(ingredient, measure, spoons);
        }
        Measure counted = others.stream()
                .filter(o ->
                        o.unit() == Unit.SHEET && ingredient.pieceGrams("sheet").isPresent())
                .findFirst()
                .orElse(measure);
        Amount pieces = pieces(ingredient, counted, item, size);
        if (pieces == null) {
            return others.stream()
                    .filter(Measure::isVolume)
                    .findFirst()
                    .map(o -> volume(ingredient, o, spoons))
                    .orElse(null);
        }
        return pieces;
    }

    private static Amount pack(@Nullable Ingredient ingredient, Measure measure, Spoons spoons) {
        Measure size = Objects.requireNonNull(measure.packSize());
        double perPack;
        if (size.isMass()) {
            perPack = size.base(spoons).mid();
        } else {
            double density = ingredient == null ? 1 : ingredient.gramsPerMl().orElse(1);
            perPack = size.base(spoons).mid() * density;
        }
        boolean drained = measure.unit() == Unit.CAN || measure.unit() == Unit.JAR;
        double share =
                drained && ingredient != null ? ingredient.pieceGrams("drained").orElse(1) : 1;
        return measure.amount().times(perPack * share);
    }

    private static @Nullable Amount volume(Ingredient ingredient, Measure measure, Spoons spoons) {
        String spoon = Objects.requireNonNull(measure.unit()).id();
        OptionalDouble spoonWeight = ingredient.pieceGrams(spoon);
        if (spoonWeight.isPresent()) {
            return measure.amount()
                    .times(spoonWeight.getAsDouble()
                            * spoons.factor(measure.unit())
                            / measure.unit().factor());
        }
        OptionalDouble density = ingredient.gramsPerMl();
        return density.isEmpty() ? null : measure.base(spoons).times(density.getAsDouble());
    }

    /** "4 chicken thighs": the name itself says which piece of it. */
    private static String pieceIn(Ingredient ingredient, String item) {
        List<Words.Word> words = Words.of(item);
        String last = words.isEmpty() ? "" : words.getLast().key();
        return ingredient.pieceGrams(last).isPresent() ? last : "each";
    }

    private static @Nullable Amount pieces(Ingredient ingredient, Measure measure, String item, String size) {
        String unit = measure.unit() == null
                ? pieceIn(ingredient, item)
                : measure.unit().id();
        OptionalDouble grams = ingredient.pieceGrams(unit);
        if (grams.isEmpty() && measure.unit() != null && measure.unit().kind() == Unit.Kind.PACK) {
            grams = java.util.stream.Stream.of("package", "container", "can", "jar", "block")
                    .map(ingredient::pieceGrams)
                    .filter(OptionalDouble::isPresent)
                    .findFirst()
                    .orElse(OptionalDouble.empty());
        }
        if (grams.isEmpty() && measure.unit() != null && measure.unit().kind() == Unit.Kind.PIECE) {
            grams = ingredient.pieceGrams("each");
        }
        if (grams.isEmpty() && measure.unit() != null && GESTURES.containsKey(measure.unit())) {
            grams = OptionalDouble.of(GESTURES.get(measure.unit()));
        }
        return grams.isEmpty() ? null : measure.amount().times(grams.getAsDouble() * sizeFactor(ingredient, size));
    }

    private static double sizeFactor(Ingredient ingredient, String size) {
        return (ingredient.role().startsWith("egg") ? EGG_SIZES : SIZES).getOrDefault(size, 1.0);
    }
}
