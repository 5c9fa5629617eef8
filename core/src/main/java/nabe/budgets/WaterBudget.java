package nabe.budgets;

import java.util.List;

/**
 * Where the dish's water goes: free at the start + given off + unbound - taken up - lost = free at the end.
 *
 * @param freeGrams free when it goes into the oven, {@code givenOffGrams} from what goes in raw
 * @param unboundGrams out of thick sauces, cheese, custard and crusts: what dry starch draws from them and what dries at the top
 * @param takenUpGrams drunk by what is dry, {@code lostGrams} as steam in the planned bake, from the forecast
 * @param endGrams still free when it comes out; below 0 something stays hard or dry
 * @param lowGrams, highGrams the wanted band for this kind of dish: moist, cuttable, no pool
 * @param state short, good or long
 * @param layers bottom to top
 * @param together whether it takes all the mends, in their order, to bring it in; otherwise any one of them will do
 * @param mends what was tried and brings it in, the gentlest first
 */
public record WaterBudget(
        double freeGrams,
        double givenOffGrams,
        double unboundGrams,
        double takenUpGrams,
        double lostGrams,
        double endGrams,
        double lowGrams,
        double highGrams,
        String state,
        String words,
        List<LayerWater> layers,
        boolean together,
        List<Mend> mends) {

    boolean isGood() {
        return state.equals("good");
    }

    public boolean fallsShort() {
        return state.equals("short");
    }

    WaterBudget alsoSaying(String more) {
        return with(words + more, together, mends);
    }

    /** @return the same with what would bring it in; {@code all} whether it takes all of these rather than any one */
    WaterBudget mendedBy(List<Mend> offered, boolean all) {
        return with(words, all, offered);
    }

    private WaterBudget with(String said, boolean all, List<Mend> offered) {
        return new WaterBudget(
                freeGrams,
                givenOffGrams,
                unboundGrams,
                takenUpGrams,
                lostGrams,
                endGrams,
                lowGrams,
                highGrams,
                state,
                said,
                layers,
                all,
                offered);
    }

    /**
     * One layer's water.
     *
     * @param reserveGrams bound, but dry starch can draw it
     * @param steamsOffGrams as steam in the planned bake
     * @param takesUpGrams its thirst; {@code withinReachGrams} free in the wet layers that touch it, 0 for layers that do not drink
     * @param underWet whether its thirst is more than what is in reach
     */
    public record LayerWater(
            int layer,
            String name,
            double freeGrams,
            double reserveGrams,
            double givesOffGrams,
            double steamsOffGrams,
            double takesUpGrams,
            double withinReachGrams,
            boolean underWet) {}

    /**
     * One touch that brings water in or takes it off, tried before it is offered.
     *
     * @param key what it is called in {@code brief.prep.mends}; {@code value} its size there, what was made of it before included
     * @param waterGrams what it changes at the end; of several together, after those before it
     */
    public record Mend(String key, double value, String text, double waterGrams) {}
}
