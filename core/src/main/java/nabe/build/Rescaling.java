package nabe.build;

import java.util.Locale;
import nabe.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/** What another pan than the recipe's does to depth, layers and time. */
public final class Rescaling {
    private static final double SAME = 0.04;

    private Rescaling() {}

    static BuildPlan.@Nullable Rescale of(@Nullable Pan recipes, Pan pan, double amountsFactor, double heightMm) {
        if (recipes == null) {
            return null;
        }
        double area = pan.areaMm2() / recipes.areaMm2();
        double volume = pan.litres() / recipes.litres();
        if (Math.abs(area - 1) < SAME && Math.abs(volume - 1) < SAME) {
            return null;
        }
        double depth = amountsFactor / area;
        String amounts = Math.abs(amountsFactor - 1) < 0.01
                ? "With the recipe's own amounts"
                : String.format(Locale.ROOT, "With %.2f times the amounts", amountsFactor);
        String stands = Math.abs(depth - 1) < 0.03
                ? "as high as in the recipe's pan"
                : String.format(
                        Locale.ROOT,
                        "%.0f %% %s than in the recipe's pan",
                        100 * Math.abs(depth - 1),
                        depth < 1 ? "lower" : "higher");
        String time =
                depth > 1.03 ? " It bakes longer." : depth < 0.97 ? " It bakes quicker, and the top dries sooner." : "";
        return new BuildPlan.Rescale(
                area,
                volume,
                amountsFactor,
                String.format(
                        Locale.ROOT,
                        "Your pan has %.2f times the area and %.2f times the room of the recipe's. %s it stands %s, about %.0f mm.%s",
                        area,
                        volume,
                        amounts,
                        stands,
                        heightMm,
                        time));
    }

    /** @return what to scale a recipe's amounts by, so that they meet the cook's pan in the way they chose: see {@link BuildChoice#fit} */
    public static double factor(Recipe recipe, @Nullable Pan own, String fit) {
        Pan recipes = own == null ? null : Pans.named(recipe.pan(), own.depthMm());
        if (own == null || recipes == null || fit.equals("amounts")) {
            return 1;
        }
        return fit.equals("area") ? own.areaMm2() / recipes.areaMm2() : own.litres() / recipes.litres();
    }
}
