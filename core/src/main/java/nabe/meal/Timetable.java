package nabe.meal;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/** Minutes of the sittings, and when each task may begin. */
final class Timetable {
    /** How long after the time of serving a late meal may still come. */
    private static final int LATEST = 600;

    private static final int USUAL_HOURS = 8;
    private final LocalDateTime base;
    private final LocalDateTime serveAt;
    private final List<Meal.Sitting> sittings;
    private final Meal.Kitchen kitchen;
    private final int now;

    Timetable(Meal meal, Meal.Kitchen kitchen) {
        List<Meal.Sitting> times = kitchen.sittings();
        this.kitchen = kitchen;
        this.serveAt = meal.serveAt().truncatedTo(ChronoUnit.MINUTES);
        List<Meal.Sitting> given =
                times.stream().filter(s -> s.from().isBefore(serveAt)).toList();
        this.sittings = given.isEmpty() ? List.of(new Meal.Sitting(serveAt.minusHours(USUAL_HOURS), serveAt)) : given;
        LocalDateTime first = sittings.getFirst().from();
        for (Meal.Done done : meal.done()) {
            first = done.from().isBefore(first) ? done.from() : first;
        }
        this.base = first.truncatedTo(ChronoUnit.MINUTES);
        this.now = meal.now() == null ? 0 : Math.max(0, minute(meal.now()));
    }

    List<Meal.Sitting> sittings() {
        return sittings;
    }

    int minute(LocalDateTime time) {
        return (int) Duration.between(base, time).toMinutes();
    }

    LocalDateTime time(int minute) {
        return base.plusMinutes(minute);
    }

    int serve() {
        return minute(serveAt);
    }

    /** @return minute before which nothing new may begin */
    int now() {
        return now;
    }

    LocalDateTime earliest() {
        return time(now);
    }

    /** @return hands there are at this minute */
    int cooks(LocalDateTime at) {
        int sitting = sitting(at);
        return sitting < 0 ? kitchen.cooks() : sittings.get(sitting).cooksOf(kitchen);
    }

    /** @return spans with fewer hands than the kitchen's: from, minutes, how many are away */
    List<int[]> away() {
        List<int[]> all = new ArrayList<>();
        for (int i = 0; i < sittings.size(); i++) {
            Meal.Sitting s = sittings.get(i);
            boolean last = i == sittings.size() - 1;
            int away = kitchen.cooks() - s.cooksOf(kitchen);
            if (away > 0) {
                int from = minute(s.from());
                all.add(new int[] {from, (last ? horizon() + LATEST : minute(s.to())) - from, away});
            }
        }
        return all;
    }

    int horizon() {
        return Math.max(serve(), now) + LATEST;
    }

    /** @return when work on the day itself begins */
    int theDay() {
        return minute(sittings.get(firstOfDay()).from());
    }

    private int firstOfDay() {
        for (int i = 0; i < sittings.size(); i++) {
            if (!day(sittings.get(i).from()).isBefore(day(serveAt))) {
                return i;
            }
        }
        return sittings.size() - 1;
    }

    /** @return index of the sitting this minute is in, or -1 */
    int sitting(LocalDateTime at) {
        for (int i = sittings.size() - 1; i >= 0; i--) {
            if (!at.isBefore(sittings.get(i).from())) {
                return i == sittings.size() - 1 || at.isBefore(sittings.get(i).to()) ? i : -1;
            }
        }
        return -1;
    }

    /** @return minutes at which its hands may begin, as pairs from and to */
    long[] window(Draft draft) {
        boolean late = draft.stage() == Draft.Stage.BAKE
                || draft.stage() == Draft.Stage.REST
                || draft.stage() == Draft.Stage.SERVE;
        return working(late ? 0 : draft.daysAhead(), draft.active());
    }

    long[] washing() {
        return working(Integer.MAX_VALUE, Clock.WASH_MINUTES);
    }

    /** Work may go on in the last sitting until the meal is served, however late. */
    private long[] working(int daysAhead, int minutes) {
        List<Long> flat = new ArrayList<>();
        for (int i = 0; i < sittings.size(); i++) {
            Meal.Sitting sitting = sittings.get(i);
            boolean last = i == sittings.size() - 1;
            boolean today = i >= firstOfDay();
            long days = ChronoUnit.DAYS.between(day(sitting.from()), day(serveAt));
            long from = Math.max(now, minute(sitting.from()));
            boolean served = last && !sitting.to().isBefore(serveAt.minusMinutes(30));
            long to = served ? horizon() : minute(sitting.to()) - minutes;
            if ((days <= daysAhead || today) && to >= from) {
                flat.add(from);
                flat.add(to);
            }
        }
        if (flat.isEmpty()) {
            flat.add((long) Math.max(now, theDay()));
            flat.add((long) horizon());
        }
        return flat.stream().mapToLong(Long::longValue).toArray();
    }

    private static LocalDate day(LocalDateTime time) {
        return time.toLocalDate();
    }
}
