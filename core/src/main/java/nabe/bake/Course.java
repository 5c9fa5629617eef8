package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import nabe.bake.heat.HeatPhase;

/**
 * A bake in whole minutes: open first where it browns and is then covered, covered first where it is hot through before it browns.
 *
 * @param covered minutes under cover, {@code open} minutes open, {@code shielded} minutes covered again once it is golden
 * @param topped minutes before the end of the open time when cheese and crumbs go on; all of it where they lie on from the start
 */
record Course(int covered, int open, int shielded, int topped) {
    int total() {
        return covered + open + shielded;
    }

    /** @return the same, its last stretch so many minutes longer */
    Course longer(int minutes) {
        return shielded > 0
                ? new Course(covered, open, shielded + minutes, topped)
                : open > 0
                        ? new Course(covered, open + minutes, 0, topped + (topped == open ? minutes : 0))
                        : new Course(covered + minutes, 0, 0, topped);
    }

    /** @return the same left in the oven for hours, to see when what is wanted comes */
    Course goingOn() {
        int more = 300 - total();
        return more <= 0
                ? this
                : shielded > 0
                        ? longer(more)
                        : open > 0 ? new Course(covered, open + more, 0, topped + more) : longer(more);
    }

    /** @param celsius of the oven's air */
    List<HeatPhase> phases(double celsius, boolean late) {
        List<HeatPhase> phases = new ArrayList<>();
        add(phases, covered, celsius, true, !late);
        int bare = late ? Math.max(0, open - topped) : 0;
        add(phases, bare, celsius, false, false);
        add(phases, open - bare, celsius, false, true);
        add(phases, shielded, celsius, true, true);
        return phases;
    }

    private static void add(List<HeatPhase> phases, int minutes, double celsius, boolean covered, boolean topping) {
        if (minutes > 0) {
            phases.add(new HeatPhase(60.0 * minutes, celsius, covered, false, false, topping));
        }
    }
}
