package nabe.meal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

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

    /** A plan as the timeline it was made of. @param drafts of the same meal now: they tell what has one place in the oven */
    static Found of(MealPlan plan, List<Draft> drafts, Timetable timetable) {
        Map<String, Integer> starts = new HashMap<>();
        plan.tasks().stream().filter(t -> !t.wash()).forEach(t -> starts.put(t.id(), timetable.minute(t.from())));
        List<Integer> washes = plan.tasks().stream()
                .filter(MealTask::wash)
                .map(t -> timetable.minute(t.from()))
                .sorted()
                .toList();
        Map<String, String> keys = drafts.stream().collect(Collectors.toMap(Draft::id, Draft::shelfKey, (a, b) -> a));
        Map<String, Integer> shelves = new HashMap<>();
        plan.tasks().stream()
                .filter(t -> t.oven() != null && keys.containsKey(t.id()))
                .forEach(t -> shelves.put(keys.get(t.id()), t.oven().shelf()));
        return new Found(starts, shelves, washes, plan.lateMinutes(), false, 0, 0);
    }
}
