package nabe.meal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nabe.measure.WrongValueException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Ways to a timeline: as the kitchen is; else with tools of their own; else with the least more that lets it be cooked. */
final class Solving {
    /** Three times to wash up find most evenings a quick answer; dishes that all endanger each other need more. */
    private static final int FEW_WASHES = 3;

    private static final int MANY_WASHES = 7;
    private final Meal meal;
    private final Items items;
    private final @Nullable Found before;
    private final boolean first;
    private final List<MealPlan.Missing> missing = new ArrayList<>();
    private Timetable timetable;

    /**
     * @param before the timeline that goes on, or null
     * @param first whether the first good timeline will do
     */
    Solving(Meal meal, Items items, Timetable timetable, @Nullable Found before, boolean first) {
        this.meal = meal;
        this.items = items;
        this.timetable = timetable;
        this.before = before;
        this.first = first;
    }

    /** What was found, with what had to be there for it. */
    record Timed(Found found, Meal.Kitchen kitchen, Timetable timetable, List<MealPlan.Missing> missing) {}

    /** @throws IllegalArgumentException where the cook's own order cannot be, or nothing can */
    Timed timed(List<Draft> drafts) {
        Meal.Kitchen kitchen = meal.kitchen();
        Optional<Timed> found = solved(drafts, kitchen);
        if (found.isPresent()) {
            return found.get();
        }
        if (meal.order() != null) {
            throw new WrongValueException(Messages.say("meal.the-order-does-a-task-before"));
        }
        if (lend(drafts)) {
            found = solved(drafts, kitchen);
        }
        return found.or(() -> withMore(drafts, kitchen))
                .or(() -> {
                    items.apart(drafts);
                    return solved(drafts, kitchen);
                })
                .or(() -> withMore(drafts, kitchen))
                .orElseThrow(() -> new WrongValueException(Messages.say("meal.no-order-of-this-work-fits")));
    }

    private Optional<Timed> withMore(List<Draft> drafts, Meal.Kitchen kitchen) {
        for (Relaxed more : Relaxed.of(kitchen, meal)) {
            timetable = new Timetable(meal, more.kitchen());
            Optional<Found> found = Clock.solve(problem(drafts, more.kitchen(), MANY_WASHES));
            if (found.isPresent()) {
                missing.add(more.missing());
                return found.map(f -> told(f, more.kitchen()));
            }
        }
        timetable = new Timetable(meal, kitchen);
        return Optional.empty();
    }

    private Timed told(Found found, Meal.Kitchen kitchen) {
        List<MealPlan.Missing> all = new ArrayList<>(missing);
        all.addAll(items.missing());
        return new Timed(found, kitchen, timetable, List.copyOf(all));
    }

    private Optional<Timed> solved(List<Draft> drafts, Meal.Kitchen kitchen) {
        return found(drafts, kitchen).map(f -> told(f, kitchen));
    }

    /** What is hot goes on at once where it can, and few washes are tried before many. */
    private Optional<Found> found(List<Draft> drafts, Meal.Kitchen kitchen) {
        if (meal.order() != null) {
            return Clock.solve(problem(drafts, kitchen, 0));
        }
        Problem tight = problem(drafts, kitchen, FEW_WASHES).tightly();
        if (before != null) {
            Optional<Found> near =
                    Clock.near(tight, before).or(() -> Clock.near(problem(drafts, kitchen, MANY_WASHES), before));
            if (near.isPresent()) {
                return near;
            }
        }
        Function<Problem, Optional<Found>> solve = first ? Clock::first : Clock::solve;
        return solve.apply(tight).or(() -> solve.apply(problem(drafts, kitchen, MANY_WASHES)));
    }

    private boolean lend(List<Draft> drafts) {
        Set<String> lent = new HashSet<>();
        for (Draft strict : drafts) {
            for (Draft dirty : strict.guards().isEmpty() ? List.<Draft>of() : drafts) {
                for (String kind : strict.tools()) {
                    boolean shared = dirty.tools().contains(kind)
                            && dirty.endangers(strict)
                            && items.sharesUnwashable(kind, dirty, strict);
                    if (shared && lent.add(kind + strict.dish())) {
                        items.lend(kind, strict);
                    }
                }
            }
        }
        return !lent.isEmpty();
    }

    private Problem problem(List<Draft> drafts, Meal.Kitchen kitchen, int washes) {
        Map<String, long[]> windows = new LinkedHashMap<>();
        drafts.forEach(d -> windows.put(d.id(), timetable.window(d)));
        Map<String, Integer> fixed = new HashMap<>();
        List<Integer> washed = new ArrayList<>();
        Set<String> known = new HashSet<>();
        drafts.forEach(d -> known.add(d.id()));
        for (Meal.Done done : meal.done()) {
            if (known.contains(done.task())) {
                fixed.put(done.task(), timetable.minute(done.from()));
            } else if (Timeline.isWash(done.task())) {
                washed.add(timetable.minute(done.from()));
            }
        }
        washed.sort(null);
        return ProblemBuilder.builder()
                .drafts(drafts)
                .windows(windows)
                .fixed(fixed)
                .order(meal.order() == null ? List.of() : meal.order())
                .apart(meal.order() == null)
                .washed(washed)
                .washes(washes == 0 ? 0 : washes + washed.size())
                .items(items)
                .kitchen(kitchen)
                .timetable(timetable)
                .build();
    }
}
