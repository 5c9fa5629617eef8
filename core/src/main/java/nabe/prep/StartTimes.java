package nabe.prep;

import java.util.ArrayList;
import java.util.List;

/**
 * When each step has to start at the latest. One cook does the hands' work of one step at a time, those with the longest waiting
 * first; waiting runs beside. Counted back from building: a step starts before its own work and waiting, and before the
 * work of every step after it.
 */
final class StartTimes {
    private StartTimes() {}

    /** @param steps longest waiting first */
    static List<PrepStep> count(List<PrepStep> steps) {
        List<PrepStep> timed = new ArrayList<>(steps);
        int handsBusy = 0;
        for (int i = steps.size() - 1; i >= 0; i--) {
            PrepStep step = steps.get(i);
            handsBusy = Math.max(handsBusy + step.activeMinutes(), step.activeMinutes() + step.passiveMinutes());
            timed.set(i, step.startingBefore(handsBusy));
        }
        return List.copyOf(timed);
    }
}
