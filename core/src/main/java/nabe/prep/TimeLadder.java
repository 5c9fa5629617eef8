package nabe.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.prep.PrepStep.Rung;
import nabe.prep.StoveBook.Soak;
import org.jspecify.annotations.Nullable;

/** Chooses how nuts and beans are soaked by the time that is left. */
final class TimeLadder {
    private static final int NIGHT = 10 * 60;
    private static final int HOT_SOAK = Figures.whole("prep.hot-soak-takes");

    private TimeLadder() {}

    /** @return the schools with the nuts' way chosen by the time left, where the house leaves it to that */
    static Schools schools(Schools schools, @Nullable Integer minutesLeft) {
        if (minutesLeft == null || !schools.is("nuts", "by-time")) {
            return schools;
        }
        String rung = minutesLeft >= NIGHT ? "overnight" : minutesLeft >= HOT_SOAK ? "hot-soak" : "blend-wait-blend";
        return schools.with(Map.of("nuts", rung));
    }

    /**
     * @param minutes that the soak takes as the text has it
     * @return the ways there are; one is taken where there is not the time for the text's own
     */
    static List<Rung> of(List<Soak> soaks, double minutes, @Nullable Integer minutesLeft) {
        boolean late = minutesLeft != null && minutes > minutesLeft;
        List<Rung> rungs = new ArrayList<>();
        boolean taken = false;
        for (Soak soak : soaks) {
            boolean last = soak == soaks.getLast();
            boolean takes = late
                    && !taken
                    && soak.minutes() < minutes
                    && (last || minutesLeft != null && soak.minutes() <= minutesLeft);
            taken |= takes;
            rungs.add(new Rung(soak.rung(), soak.minutes(), soak.words(), takes));
        }
        return List.copyOf(rungs);
    }
}
