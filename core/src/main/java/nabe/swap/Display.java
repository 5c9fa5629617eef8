package nabe.swap;

import java.util.EnumSet;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import nabe.house.House;
import nabe.larder.Ingredient;
import nabe.measure.Amount;
import nabe.measure.AmountStyle;
import nabe.measure.KitchenText;
import nabe.measure.Spoons;
import nabe.measure.Unit;
import nabe.recipe.Line;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Amounts as this house reads them: scales first with spoons or cups beside, cups first, or scales alone. */
public final class Display {
    private static final Set<Unit> METRIC = EnumSet.of(Unit.G, Unit.KG, Unit.ML, Unit.CL, Unit.DL, Unit.L);
    private static final Set<Unit> SHORT = EnumSet.of(Unit.TSP, Unit.TBSP, Unit.ML, Unit.L);

    /** Nobody weighs less than this. g */
    private static final double A_PINCH = 0.5;

    /** Roles of things that are counted out, never scooped. */
    private static final Set<String> COUNTED = Set.of("wrap", "tubes", "shells");

    private final AmountStyle style;
    private final Spoons spoons;

    private Display(AmountStyle style, Spoons spoons) {
        this.style = style;
        this.spoons = spoons;
    }

    public static Display of(House house) {
        return new Display(house.amounts(), house.spoons());
    }

    /** @param grams null where the recipe gives no amount */
    public String amount(Ingredient ingredient, @Nullable Double grams) {
        if (grams == null) {
            return unmeasured(ingredient);
        }
        if (grams > 0 && grams < A_PINCH) {
            return Messages.say("measure.a-pinch");
        }
        String scales = KitchenText.grams(grams);
        OptionalDouble sheet = ingredient.pieceGrams("sheet");
        if (sheet.isPresent()) {
            return grams < sheet.getAsDouble() ? scales : Messages.say("swap.sheets", pieces(grams, sheet), scales);
        }
        OptionalDouble each = ingredient.pieceGrams("each");
        if (COUNTED.contains(ingredient.role()) && each.isPresent()) {
            return grams < each.getAsDouble() ? scales : pieces(grams, each) + " (" + scales + ")";
        }
        OptionalDouble density = ingredient.gramsPerMl();
        if (density.isEmpty() || grams == 0 || style == AmountStyle.METRIC) {
            return scales;
        }
        String measure = KitchenText.spoonsOrCups(grams / density.getAsDouble(), spoons);
        return style == AmountStyle.CUPS ? measure + " (" + scales + ")" : scales + " (" + measure + ")";
    }

    /** Whole pieces: what is a little over one is still one. */
    private static long pieces(double grams, OptionalDouble piece) {
        return (long) Math.ceil(grams / piece.getAsDouble() - 0.05);
    }

    private static String unmeasured(@Nullable Ingredient ingredient) {
        boolean seasons = ingredient != null
                && ingredient.role().matches("salt|spice|herb|dried-herb|spice-blend|acid|sugar|condiment");
        return seasons ? Messages.say("swap.to-taste") : Messages.say("swap.as-needed");
    }

    /** The line's own measure, with scales beside where that adds something. */
    String written(Line line) {
        if (line.amount() == null) {
            return line.grams() == null ? unmeasured(line.ingredient()) : KitchenText.grams(line.gramsOrZero());
        }
        String own = amount(line) + unit(line);
        boolean onScales = line.unit() == Unit.G || line.unit() == Unit.KG;
        boolean scales = line.grams() != null && !onScales && line.gramsOrZero() >= 5;
        return scales ? own + " (" + KitchenText.grams(line.gramsOrZero()) + ")" : own;
    }

    private static String amount(Line line) {
        Amount amount = Objects.requireNonNull(line.amount());
        boolean metric = line.unit() != null && METRIC.contains(line.unit());
        String low = metric ? KitchenText.decimal(amount.min()) : KitchenText.number(amount.min());
        String high = metric ? KitchenText.decimal(amount.max()) : KitchenText.number(amount.max());
        return amount.min() == amount.max() ? low : low + "-" + high;
    }

    private static String unit(Line line) {
        if (line.unit() == null) {
            return "";
        }
        boolean plural = Objects.requireNonNull(line.amount()).max() > 1
                && line.unit().kind() != Unit.Kind.MASS
                && !SHORT.contains(line.unit());
        String id = line.unit().id();
        String ending = !plural ? "" : id.endsWith("ch") || id.endsWith("sh") || id.endsWith("ss") ? "es" : "s";
        return " " + (plural && id.equals("leaf") ? "leaves" : plural && id.equals("loaf") ? "loaves" : id + ending);
    }
}
