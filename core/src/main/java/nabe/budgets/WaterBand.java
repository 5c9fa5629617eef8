package nabe.budgets;

import java.util.EnumMap;
import java.util.Map;
import nabe.recipe.Family;
import nabe.recipe.Part;

/** What each kind of dish wants: free water at the end, grams in a kilogram of dish, and how thick its sauces. Kitchen practice. */
record WaterBand(double low, double high) {
    private static final Map<Family, WaterBand> BANDS = new EnumMap<>(Map.ofEntries(
            Map.entry(Family.LASAGNA, new WaterBand(10, 80)),
            Map.entry(Family.GRATIN, new WaterBand(20, 170)),
            Map.entry(Family.MOUSSAKA, new WaterBand(10, 85)),
            Map.entry(Family.PASTA_BAKE, new WaterBand(20, 110)),
            Map.entry(Family.STUFFED_TUBES, new WaterBand(20, 110)),
            Map.entry(Family.ROLLED, new WaterBand(20, 110)),
            Map.entry(Family.POT_PIE, new WaterBand(50, 170)),
            Map.entry(Family.MASH_TOPPED, new WaterBand(25, 130)),
            Map.entry(Family.STRATA, new WaterBand(5, 70)),
            Map.entry(Family.BATTER, new WaterBand(0, 90)),
            Map.entry(Family.CASSEROLE, new WaterBand(25, 130))));

    static WaterBand of(Family family) {
        return BANDS.get(family);
    }

    /** @return wheat-flour equivalents for 240 ml that a sauce wants there; a sauce that bakes on with dry starch starts thinner */
    static double thickness(Family family, Part part, boolean drySheets) {
        return switch (family) {
            case LASAGNA, STUFFED_TUBES, ROLLED -> drySheets ? 12 : SauceThickness.MEDIUM;
            case GRATIN, PASTA_BAKE -> 10;
            case MOUSSAKA -> part == Part.WHITE_SAUCE ? SauceThickness.THICK : SauceThickness.MEDIUM;
            case POT_PIE, MASH_TOPPED -> 20;
            default -> SauceThickness.MEDIUM;
        };
    }
}
