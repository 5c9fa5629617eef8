package nabe.prep;

import java.util.Map;
import nabe.house.Schools;
import org.jspecify.annotations.Nullable;

/** Chooses how nuts are soaked by the time that is left, where the house leaves it to that. Domain table: overnight, 30 min hot, or blend-wait-blend. */
final class TimeLadder {
    private static final int NIGHT = 10 * 60;
    private static final int HOT_SOAK = 45;

    private TimeLadder() {}

    static Schools schools(Schools schools, @Nullable Integer minutesLeft) {
        if (minutesLeft == null || !schools.is("nuts", "by-time")) {
            return schools;
        }
        String rung = minutesLeft >= NIGHT ? "overnight" : minutesLeft >= HOT_SOAK ? "hot-soak" : "blend-wait-blend";
        return schools.with(Map.of("nuts", rung));
    }
}
