package nabe.meal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What the clock is asked.
 *
 * @param windows for every task the minutes at which its hands may begin
 * @param fixed begun or done: their starts stand
 * @param order the cook's own order of hands, or empty; {@code apart} whether keeping apart is asked for
 * @param washed starts of washing up that was done; {@code washes} how often one may wash up, at most, those among them
 * @param tight whether what is hot goes on at once, and a built dish into the oven
 */
@RecordBuilder
record Problem(
        List<Draft> drafts,
        Map<String, long[]> windows,
        Map<String, Integer> fixed,
        List<String> order,
        boolean apart,
        boolean tight,
        List<Integer> washed,
        int washes,
        Items items,
        Meal.Kitchen kitchen,
        Timetable timetable) {
    Problem tightly() {
        return ProblemBuilder.builder(this).tight(true).build();
    }

    int serveAt() {
        return timetable.serve();
    }

    boolean isDone(Draft d) {
        return fixed.containsKey(d.id());
    }

    /** @return whether it is over: it takes no hands, burner, shelf or tool any more */
    boolean isOver(Draft d) {
        return isDone(d) && Objects.requireNonNull(fixed.get(d.id())) + d.minutes() <= timetable.now();
    }
}
