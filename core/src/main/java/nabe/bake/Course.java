package nabe.bake;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import nabe.bake.heat.HeatPhase;
import org.jspecify.annotations.Nullable;

/** A bake in whole minutes, stretch by stretch. */
record Course(List<Stretch> stretches) {
    private static final int HOURS = 300;

    /**
     * @param covered under foil or a lid; {@code topped} whether late cheese and crumbs lie on it
     * @param warmer °C above the oven's first setting
     * @param shields whether the cover only stops it from getting darker
     * @param reason why, or null for the usual words; {@code said} what the recipe gives for it, or null where it gives nothing
     * @param adds what goes on when it begins; {@code stir} whether it is stirred within it
     */
    @RecordBuilder
    record Stretch(
            int minutes,
            boolean covered,
            boolean topped,
            double warmer,
            boolean shields,
            @Nullable String reason,
            @Nullable String said,
            List<String> adds,
            boolean stir) {

        static Stretch found(int minutes, boolean covered, boolean topped, boolean shields) {
            return CourseStretchBuilder.builder()
                    .minutes(minutes)
                    .covered(covered)
                    .topped(topped)
                    .shields(shields)
                    .adds(List.of())
                    .build();
        }

        Stretch lasting(int other, @Nullable String why) {
            return CourseStretchBuilder.builder(this).minutes(other).reason(why).build();
        }

        boolean isAsSaid() {
            return said != null && RecipeCourse.AS_SAID.equals(reason);
        }
    }

    Course {
        stretches = stretches.stream().filter(s -> s.minutes > 0).toList();
    }

    /**
     * Open first where it browns and is then covered, covered first where it is hot through before it browns.
     *
     * @param covered minutes under cover, {@code open} minutes open, {@code shielded} minutes covered again once it is golden
     * @param topped minutes before the end of the open time when late cheese and crumbs go on, where {@code late}
     */
    static Course found(int covered, int open, int shielded, int topped, boolean late) {
        int bare = late ? Math.max(0, open - topped) : 0;
        return new Course(List.of(
                Stretch.found(covered, true, !late, false),
                Stretch.found(bare, false, false, false),
                Stretch.found(open - bare, false, true, false),
                Stretch.found(shielded, true, true, true)));
    }

    int total() {
        return stretches.stream().mapToInt(Stretch::minutes).sum();
    }

    int open() {
        return stretches.stream()
                .filter(s -> !s.covered)
                .mapToInt(Stretch::minutes)
                .sum();
    }

    /** @return minutes under cover before it is opened */
    int covered() {
        return stretches.isEmpty() || !stretches.getFirst().covered ? 0 : stretches.getFirst().minutes;
    }

    /** @return the same, so many minutes longer; a late topping still goes on as long before the end */
    Course longer(int minutes) {
        int last = stretches.size() - 1;
        boolean bare = last > 0
                && stretches.get(last).topped
                && !stretches.get(last - 1).topped
                && !stretches.get(last - 1).covered;
        return lasting(bare ? last - 1 : last, minutes);
    }

    /** @return the same with this stretch so many minutes longer */
    Course lasting(int index, int more) {
        Stretch stretch = stretches.get(index);
        return with(index, stretch.lasting(stretch.minutes + more, stretch.reason));
    }

    Course with(int index, Stretch other) {
        List<Stretch> all = new ArrayList<>(stretches);
        all.set(index, other);
        return new Course(all);
    }

    Course then(Stretch last) {
        List<Stretch> all = new ArrayList<>(stretches);
        all.add(last);
        return new Course(all);
    }

    /** @return minutes until all that goes on late lies on it: before, its coldest point is not the dish's */
    int completeAfter() {
        int clock = 0;
        int bare = 0;
        for (Stretch stretch : stretches) {
            clock += stretch.minutes;
            bare = stretch.topped ? bare : clock;
        }
        return bare >= clock ? 0 : bare;
    }

    /** @return the same left in the oven for hours, to see when what is wanted comes */
    Course goingOn() {
        int more = HOURS - total();
        return more <= 0 ? this : lasting(stretches.size() - 1, more);
    }

    /** @param celsius of the oven's air at its first setting */
    List<HeatPhase> phases(double celsius) {
        return stretches.stream()
                .map(s -> new HeatPhase(60.0 * s.minutes, celsius + s.warmer, s.covered, false, false, s.topped))
                .toList();
    }
}
