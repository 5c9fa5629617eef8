package nabe.meal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A timeline.
 *
 * @param shelves by what is in the oven ({@link Draft#shelfKey}), from 0, the top one; {@code washes} starts of washing up;
 *     {@code gap} to the bound, 0 when proven
 */
record Found(
        Map<String, Integer> starts,
        Map<String, Integer> shelves,
        List<Integer> washes,
        int late,
        boolean proven,
        double gap,
        long millis) {

    /** A plan as the timeline it was made of. */
    static Found of(MealPlan plan, Timetable timetable) {
        Map<String, Integer> starts = new HashMap<>();
        plan.tasks().stream().filter(t -> !t.wash()).forEach(t -> starts.put(t.id(), timetable.minute(t.from())));
        List<Integer> washes = plan.tasks().stream()
                .filter(MealTask::wash)
                .map(t -> timetable.minute(t.from()))
                .sorted()
                .toList();
        return new Found(starts, Map.of(), washes, plan.lateMinutes(), false, 0, 0);
    }
}
