package nabe.meal;

import java.util.List;
import java.util.Map;

/**
 * A timeline.
 *
 * @param shelves of each dish, from 0, the top one; {@code washes} starts of washing up; {@code gap} to the bound, 0 when proven
 */
record Found(
        Map<String, Integer> starts,
        Map<Integer, Integer> shelves,
        List<Integer> washes,
        int late,
        boolean proven,
        double gap,
        long millis) {}
