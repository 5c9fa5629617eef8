package nabe.meal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.measure.WrongValueException;
import nabe.plan.Planner;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** One meal being planned. */
final class MealWork {
    private final Meal meal;
    private final Planner planner;
    private final Larder larder;
    private final Gear gear;
    private final @Nullable MealPlan before;
    private final boolean first;

    MealWork(Meal meal, Planner planner, Larder larder, Gear gear, @Nullable MealPlan before, boolean first) {
        this.meal = meal;
        this.planner = planner;
        this.larder = larder;
        this.gear = gear;
        this.before = MealPlanner.goesOn(meal, before) ? before : null;
        this.first = first;
    }

    MealPlan plan() {
        Courses courses = Courses.of(meal, planner);
        Guests guests = new Guests(meal, courses, planner);
        List<MealPlan.Eats> eats = guests.eats();
        List<Set<Allergen>> guards = guests.guards(eats);
        Items items = new Items(gear, meal, handled(courses), guards);
        Timetable timetable = new Timetable(meal, meal.kitchen());
        List<Draft> drafts = asDone(withWashing(new Drafts(gear, doneIds()).of(courses, guards)), timetable);
        known(drafts);
        items.deal(drafts);
        Found found = before == null ? null : Found.of(before, drafts, timetable);
        Solving.Timed timed = new Solving(meal, items, timetable, found, first).timed(drafts);
        Waits waits = new Waits(Timeline.of(drafts, timed.found(), timed.kitchen(), items, timed.timetable()));
        List<MealTask> tasks = waits.told(courses.size(), courses.longer(waits.starts(courses), planner));
        AtTable table = new AtTable(meal, courses, guards, tasks);
        List<MealPlan.Serving> serving = table.serving();
        List<Breach> breaches = KeepingApart.breaches(tasks, meal.kitchen().ovens());
        return new MealPlan(
                meal.title(),
                meal.serveAt(),
                IntStream.range(0, courses.size()).mapToObj(courses::name).toList(),
                eats,
                guests.gaps(eats),
                guests.compare(eats),
                tasks,
                serving,
                table.labels(eats, breaches),
                Heats.of(tasks, timed.timetable().earliest()),
                breaches,
                Ordinary.breaches(drafts, gear, meal),
                Story.of(meal, courses, eats, tasks, serving),
                new MealPlan.Status(
                        timed.found().proven(),
                        timed.found().gap(),
                        timed.found().millis()),
                timed.found().late(),
                timed.missing().stream().distinct().toList(),
                new Basket(larder, planner).of(courses),
                Changes.between(before, tasks, doneIds()));
    }

    private static List<Set<Allergen>> handled(Courses courses) {
        return IntStream.range(0, courses.size())
                .mapToObj(i -> courses.isOn(i) ? courses.allergens(i) : EnumSet.noneOf(Allergen.class))
                .map(s -> (Set<Allergen>) s)
                .toList();
    }

    private Set<String> doneIds() {
        return meal.done().stream().map(Meal.Done::task).collect(Collectors.toSet());
    }

    /** Washing up that the cook put into an order of their own. */
    private List<Draft> withWashing(List<Draft> drafts) {
        List<Draft> all = new ArrayList<>(drafts);
        if (meal.order() != null) {
            meal.order().stream().filter(Timeline::isWash).distinct().forEach(id -> all.add(Draft.washing(id)));
        }
        return all;
    }

    /** What was done took as long as it took. */
    private List<Draft> asDone(List<Draft> drafts, Timetable timetable) {
        Map<String, Integer> took = new HashMap<>();
        meal.done()
                .forEach(d -> took.put(d.task(), Math.max(1, timetable.minute(d.to()) - timetable.minute(d.from()))));
        return drafts.stream()
                .map(d -> took.containsKey(d.id()) ? d.taking(took.get(d.id())) : d)
                .toList();
    }

    /** @throws IllegalArgumentException for a task nobody knows; those of a dropped dish are no longer asked for */
    private void known(List<Draft> drafts) {
        Set<String> ids = drafts.stream().map(Draft::id).collect(Collectors.toSet());
        List<String> named =
                new ArrayList<>(meal.done().stream().map(Meal.Done::task).toList());
        named.addAll(meal.order() == null ? List.of() : meal.order());
        for (String id : named) {
            if (!ids.contains(id) && !Timeline.isWash(id) && !ofDropped(id)) {
                throw new WrongValueException(Messages.say("meal.the-task-is-none-of-this", id));
            }
        }
    }

    private boolean ofDropped(String id) {
        return IntStream.range(0, meal.dishes().size())
                .filter(i -> meal.dishes().get(i).dropped())
                .anyMatch(i -> id.startsWith("d" + i + "-"));
    }
}
