package nabe.budgets;

import java.util.List;

/**
 * Where the dish's water goes: free at the start + given off - taken up - lost = free at the end.
 *
 * @param freeGrams free when it goes into the oven, {@code givenOffGrams} from what goes in raw
 * @param takenUpGrams drunk by what is dry, {@code lostGrams} as steam in the planned bake
 * @param endGrams still free when it comes out; below 0 something stays hard or dry
 * @param lowGrams, highGrams the wanted band for this kind of dish: moist, cuttable, no pool
 * @param state short, good or long
 * @param layers bottom to top
 * @param mends what would bring it in, the gentlest first
 */
public record WaterBudget(
        double freeGrams,
        double givenOffGrams,
        double takenUpGrams,
        double lostGrams,
        double endGrams,
        double lowGrams,
        double highGrams,
        String state,
        String words,
        List<LayerWater> layers,
        List<Mend> mends) {

    /**
     * One layer's water.
     *
     * @param reserveGrams bound, but dry starch can draw it
     * @param takesUpGrams its thirst; {@code withinReachGrams} free in the wet layers that touch it, 0 for layers that do not drink
     * @param underWet whether its thirst is more than what is in reach
     */
    public record LayerWater(
            int layer,
            String name,
            double freeGrams,
            double reserveGrams,
            double givesOffGrams,
            double takesUpGrams,
            double withinReachGrams,
            boolean underWet) {}

    /**
     * One touch that brings water in or takes it off.
     *
     * @param key what it is called in {@code brief.prep.mends}; {@code value} its size there
     * @param waterGrams what it changes at the end
     */
    public record Mend(String key, double value, String text, double waterGrams) {}
}
