package nabe.build;

import nabe.recipe.Recipe;
import nabe.words.Messages;
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
                ? Messages.say("build.with-the-recipes-own-amounts")
                : Messages.say("build.with-times-the-amounts", "%.2f".formatted(amountsFactor));
        String stands = Math.abs(depth - 1) < 0.03
                ? Messages.say("build.as-high-as-in-the-recipes")
                : Messages.say("build.than-in-the-recipes-pan", Math.round(100 * Math.abs(depth - 1)), depth < 1);
        String time = depth > 1.03
                ? Messages.say("build.it-bakes-longer")
                : depth < 0.97 ? Messages.say("build.it-bakes-quicker-and-the-top") : "";
        return new BuildPlan.Rescale(
                area,
                volume,
                amountsFactor,
                Messages.say(
                        "build.your-pan-has-times-the-area",
                        "%.2f".formatted(area),
                        "%.2f".formatted(volume),
                        amounts,
                        stands,
                        Math.round(heightMm),
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
