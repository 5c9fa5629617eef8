package nabe.swap;

import java.util.OptionalDouble;
import nabe.larder.Ingredient;
import nabe.measure.Amount;
import nabe.measure.KitchenText;
import nabe.measure.Unit;
import nabe.recipe.Line;

/** Amounts as cooks read them: scales first, spoons or cups or a count beside. */
public final class Display {
    private static final java.util.Set<Unit> METRIC = java.util.EnumSet.of(Unit.G, Unit.KG, Unit.ML, Unit.CL, Unit.DL, Unit.L);

    private Display() {
    }

    /** @param grams null where the recipe gives no amount */
    public static String of(Ingredient ingredient, Double grams) {
        if (grams == null) {
            return unmeasured(ingredient);
        }
        String scales = KitchenText.grams(grams);
        OptionalDouble piece = ingredient.pieceGrams("sheet");
        if (piece.isPresent() && grams >= piece.getAsDouble()) {
            return (long) Math.ceil(grams / piece.getAsDouble() - 0.05) + " sheets (" + scales + ")";
        }
        OptionalDouble density = ingredient.gramsPerMl();
        return density.isEmpty() || grams < 0.5 ? scales
                : scales + " (" + KitchenText.spoonsOrCups(grams / density.getAsDouble()) + ")";
    }

    private static String unmeasured(Ingredient ingredient) {
        boolean seasons = ingredient != null && ingredient.role().matches("salt|spice|herb|dried-herb|spice-blend|acid|sugar|condiment");
        return seasons ? "to taste" : "as needed";
    }

    /** The line's own measure, with scales beside where that adds something. */
    static String of(Line line) {
        if (line.amount() == null) {
            return line.grams() == null ? unmeasured(line.ingredient()) : KitchenText.grams(line.gramsOrZero());
        }
        String own = amount(line) + unit(line);
        boolean scales = line.grams() != null && (line.unit() == null || line.unit().kind() != Unit.Kind.MASS)
                && line.gramsOrZero() >= 5;
        return scales ? own + " (" + KitchenText.grams(line.gramsOrZero()) + ")" : own;
    }

    private static String amount(Line line) {
        Amount amount = line.amount();
        boolean metric = line.unit() != null && METRIC.contains(line.unit());
        String low = metric ? KitchenText.decimal(amount.min()) : KitchenText.number(amount.min());
        String high = metric ? KitchenText.decimal(amount.max()) : KitchenText.number(amount.max());
        return amount.min() == amount.max() ? low : low + "-" + high;
    }

    private static String unit(Line line) {
        if (line.unit() == null) {
            return "";
        }
        boolean plural = line.amount().max() > 1 && (line.unit().kind() != Unit.Kind.MASS && line.unit() != Unit.TSP
                && line.unit() != Unit.TBSP && line.unit() != Unit.ML && line.unit() != Unit.L);
        String id = line.unit().id();
        String ending = !plural ? "" : id.endsWith("ch") || id.endsWith("sh") || id.endsWith("ss") ? "es" : "s";
        return " " + (plural && id.equals("leaf") ? "leaves" : plural && id.equals("loaf") ? "loaves" : id + ending);
    }
}
