package nabe.bake;

import nabe.build.BuildPlan;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import org.jspecify.annotations.Nullable;

/**
 * What cooks usually find, to hold the forecast against: minutes for a 50 mm deep dish at 190 °C from room temperature, times (depth / 50) to the
 * power 1.3 and 165 / (oven - 25); hot -25 %, fridge +17 min, frozen x 1.7; give or take 30 %. Kitchen practice.
 */
final class PracticeRange {
    static final double DEPTH_POWER = 1.3;
    private static final double GIVE_OR_TAKE = 0.3;

    private PracticeRange() {}

    /** @param recipe minutes by the recipe where its own phases are followed: they count as found, too; else null */
    static BakePlan.Practice of(Family family, BuildPlan build, double celsius, Start start, @Nullable Integer recipe) {
        double minutes = FamilyFacts.of(family).practiceMinutes()
                * Math.pow(Math.max(20, build.heightMm()) / 50, DEPTH_POWER)
                * 165
                / (celsius - 25);
        double all = Math.max(15, from(minutes, start));
        int low = (int) (5 * Math.floor(all * (1 - GIVE_OR_TAKE) / 5));
        int high = (int) (5 * Math.ceil(all * (1 + GIVE_OR_TAKE) / 5));
        int least = recipe == null ? low : Math.min(low, recipe);
        int most = recipe == null ? high : Math.max(high, recipe);
        return new BakePlan.Practice(
                least,
                most,
                "Cooks usually find " + least + " to " + most + " min for such a dish ("
                        + (recipe == null ? "" : "your recipe among them; ") + "kitchen practice).");
    }

    /** @return minutes from this start, where it takes {@code room} minutes from room temperature */
    static double from(double room, Start start) {
        return switch (start) {
            case HOT -> room * 0.75;
            case ROOM -> room;
            case FRIDGE -> room + 17;
            case FROZEN -> room * 1.7 + 10;
        };
    }
}
