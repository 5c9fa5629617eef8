package nabe.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * When each step has to start at the latest. One cook does the hands' work of one step at a time; waiting runs beside.
 * Counted back from building: a step is over before any step that needs it starts, and its hands' work finds a gap.
 */
final class StartTimes {
    private StartTimes() {}

    /**
     * @param steps each after what it needs
     * @param needs by a step's id, the ids of the steps it needs
     * @return the same, first to start first; what is done once the dish is built has no start and stands last
     */
    static List<PrepStep> count(List<PrepStep> steps, Map<String, Set<String>> needs) {
        Map<String, Integer> startOf = new HashMap<>();
        List<int[]> busy = new ArrayList<>();
        List<PrepStep> timed = new ArrayList<>();
        for (PrepStep step : steps.reversed()) {
            if (step.when() != PrepStep.When.BEFORE) {
                timed.add(0, step);
                continue;
            }
            int over = needs.entrySet().stream()
                    .filter(e -> e.getValue().contains(step.id()))
                    .mapToInt(e -> startOf.getOrDefault(e.getKey(), 0))
                    .max()
                    .orElse(0);
            int handsFree = gap(over + step.passiveMinutes(), step.activeMinutes(), busy);
            int start = handsFree + step.activeMinutes();
            busy.add(new int[] {handsFree, start});
            startOf.put(step.id(), start);
            timed.add(0, step.startingBefore(start, needs.getOrDefault(step.id(), Set.of())));
        }
        timed.sort(Comparator.comparing(PrepStep::when)
                .thenComparing(
                        Comparator.comparingInt(PrepStep::startMinutesBefore).reversed()));
        return List.copyOf(timed);
    }

    /** The first minute from {@code earliest} on, counted back, from which hands are free that long. */
    private static int gap(int earliest, int minutes, List<int[]> busy) {
        int at = earliest;
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int[] span : busy) {
                if (at < span[1] && span[0] < at + minutes) {
                    at = span[1];
                    moved = true;
                }
            }
        }
        return at;
    }
}
