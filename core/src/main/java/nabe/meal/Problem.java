package nabe.meal;

import java.util.List;
import java.util.Map;

/**
 * What the clock is asked.
 *
 * @param windows for every task the minutes at which its hands may begin
 * @param fixed begun or done: their starts stand
 * @param order the cook's own order of hands, or empty; {@code apart} whether keeping apart is asked for
 * @param blocks whether dishes that endanger each other are worked on one after the other, whole: found sooner, not always best
 * @param washes how often one may wash up, at most
 * @param tight whether what is hot goes on at once, and a built dish into the oven
 * @param serveAt minute of serving, {@code horizon} the last minute there is
 */
record Problem(
        List<Draft> drafts,
        Map<String, long[]> windows,
        Map<String, Integer> fixed,
        List<String> order,
        boolean apart,
        boolean tight,
        boolean blocks,
        int washes,
        Items items,
        Meal.Kitchen kitchen,
        long[] washing,
        int lastSitting,
        int serveAt,
        int horizon) {
    Problem tightly() {
        return with(true, false);
    }

    Problem inBlocks() {
        return with(tight, true);
    }

    private Problem with(boolean hot, boolean whole) {
        return new Problem(
                drafts,
                windows,
                fixed,
                order,
                apart,
                hot,
                whole,
                washes,
                items,
                kitchen,
                washing,
                lastSitting,
                serveAt,
                horizon);
    }
}
