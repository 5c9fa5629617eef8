package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.bake.OvenChoice;
import nabe.bake.Phase;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.recipe.Family;

/** Plans a whole meal from what the cook decided. The one way into this package. */
public final class MealPlanner {
    /** Dishes nearer than this in heat share one oven at a heat between. Kitchen practice. */
    private static final double NEAR_IN_HEAT = 25;

    private static final double USUAL_HEAT = 180;
    private static final double DIAL = 5;
    /** Three times to wash up find most evenings a quick answer; dishes that all endanger each other need more. */
    private static final int FEW_WASHES = 3;

    private static final int MANY_WASHES = 7;
    private final Larder larder;
    private final Gear gear = new Gear();

    public MealPlanner(Larder larder) {
        this.larder = larder;
    }

    /**
     * @param planner of this house
     * @throws IllegalArgumentException for an order that does a task before what it needs
     */
    public MealPlan plan(Meal meal, Planner planner) {
        return new Work(meal, planner).plan();
    }

    static Brief with(Brief brief, Needs needs, OvenChoice oven) {
        return new Brief(
                brief.recipe(),
                needs,
                brief.pan(),
                oven,
                brief.servings(),
                brief.choices(),
                brief.eaters(),
                brief.schools(),
                brief.made(),
                brief.prep(),
                brief.build(),
                false);
    }

    /** One meal being planned. */
    private final class Work {
        private final Meal meal;
        private final Planner planner;
        private Timetable timetable;
        private final List<MealPlan.Missing> missing = new ArrayList<>();

        Work(Meal meal, Planner planner) {
            this.meal = meal;
            this.planner = planner;
            this.timetable = new Timetable(meal, meal.kitchen().sittings());
        }

        MealPlan plan() {
            List<Integer> ovens = ovens();
            List<Plan> plans = plans(ovens);
            Guests guests = new Guests(meal, plans, planner);
            List<MealPlan.Eats> eats = guests.eats();
            List<Set<Allergen>> guards = guests.guards(eats);
            List<Draft> drafts = withWashing(new Drafts(gear).of(plans, guards, ovens));
            Items items = new Items(
                    gear, meal.kitchen().tools(), plans.stream().map(Work::all).toList(), guards);
            items.deal(drafts);
            Timed timed = timed(drafts, items, meal.kitchen());
            List<MealTask> tasks =
                    Timeline.of(timed.drafts, timed.found, doneMinutes(), timed.kitchen, items, timetable);
            missing.addAll(items.missing());
            return new MealPlan(
                    meal.title(),
                    meal.serveAt(),
                    eats,
                    guests.gaps(eats),
                    guests.compare(eats),
                    tasks,
                    serving(plans, tasks, guards),
                    KeepingApart.breaches(tasks, meal.kitchen().ovens()),
                    Ordinary.breaches(drafts, gear, meal),
                    new MealPlan.Status(timed.found.proven(), timed.found.gap(), timed.found.millis()),
                    timed.found.late(),
                    missing.stream().distinct().toList(),
                    new Basket(larder).of(plans),
                    changes(drafts, items, timed));
        }

        private static Set<Allergen> all(Plan plan) {
            Set<Allergen> all = EnumSet.noneOf(Allergen.class);
            plan.ingredients().forEach(i -> all.addAll(i.allergens()));
            return all;
        }

        /** Dishes dealt over the ovens in turn. */
        private List<Integer> ovens() {
            List<Integer> all = new ArrayList<>();
            for (int i = 0; i < meal.dishes().size(); i++) {
                all.add(i % meal.kitchen().ovens().size());
            }
            return all;
        }

        private List<Plan> plans(List<Integer> ovens) {
            List<Brief> briefs = new ArrayList<>();
            for (Meal.Course dish : meal.dishes()) {
                Needs needs = meal.eaters().stream()
                        .filter(e -> dish.eatenBy() != null && dish.isFor(e))
                        .map(Meal.Eater::needs)
                        .reduce(dish.brief().needs(), Needs::and);
                briefs.add(with(dish.brief(), needs, dish.brief().oven()));
            }
            List<Plan> alone = briefs.stream().map(planner::plan).toList();
            List<Plan> shared = new ArrayList<>();
            for (int i = 0; i < alone.size(); i++) {
                Double heat = common(i, alone, ovens);
                shared.add(heat == null ? alone.get(i) : planner.plan(at(briefs.get(i), heat)));
            }
            return shared;
        }

        private static Brief at(Brief brief, double celsius) {
            OvenChoice own = brief.oven();
            return with(brief, brief.needs(), new OvenChoice(celsius, own.fan(), own.start()));
        }

        /** One heat for dishes of one oven that are near each other, or null where this one bakes at its own. */
        private static Double common(int dish, List<Plan> plans, List<Integer> ovens) {
            double own = heat(plans.get(dish));
            List<Double> near = new ArrayList<>();
            for (int i = 0; i < plans.size(); i++) {
                boolean same = ovens.get(i).equals(ovens.get(dish)) && sharesHeat(plans.get(i));
                if (same && Math.abs(heat(plans.get(i)) - own) <= NEAR_IN_HEAT) {
                    near.add(heat(plans.get(i)));
                }
            }
            double mean = near.stream().mapToDouble(d -> d).average().orElse(own);
            double dial = DIAL * Math.round(mean / DIAL);
            boolean other = near.size() > 1 && sharesHeat(plans.get(dish)) && Math.abs(dial - own) > 1;
            return other ? Double.valueOf(dial) : null;
        }

        private static boolean sharesHeat(Plan plan) {
            return plan.recipe().family() != Family.BATTER;
        }

        /** The mean over its time in the oven. */
        private static double heat(Plan plan) {
            List<Phase> hot = plan.bake().phases().stream()
                    .filter(p -> p.kind().equals("bake") && p.celsius() != null && p.minutes() > 0)
                    .toList();
            double minutes = hot.stream().mapToInt(Phase::minutes).sum();
            return minutes == 0
                    ? USUAL_HEAT
                    : hot.stream().mapToDouble(p -> p.celsius() * p.minutes()).sum() / minutes;
        }

        /** Washing up that the cook put into an order of their own. */
        private List<Draft> withWashing(List<Draft> drafts) {
            if (meal.order() == null) {
                return drafts;
            }
            List<Draft> all = new ArrayList<>(drafts);
            meal.order().stream()
                    .filter(id -> id.startsWith("wash"))
                    .distinct()
                    .forEach(id -> all.add(new Draft(
                            id,
                            List.of(0),
                            null,
                            "",
                            "wash",
                            Draft.Stage.PREP,
                            Clock.WASH_MINUTES,
                            0,
                            Set.of(),
                            false,
                            null,
                            Integer.MAX_VALUE,
                            Set.of(),
                            Set.of(),
                            Set.of(),
                            false)));
            return all;
        }

        private Map<String, Integer> doneMinutes() {
            Map<String, Integer> minutes = new HashMap<>();
            meal.done().forEach(d -> minutes.put(d.task(), timetable.minute(d.to()) - timetable.minute(d.from())));
            return minutes;
        }

        /** What was found, with what had to be there for it. */
        private record Timed(List<Draft> drafts, Found found, Meal.Kitchen kitchen) {}

        /** As it is; else with tools of their own; else with the least more that lets it be cooked at all. */
        private Timed timed(List<Draft> drafts, Items items, Meal.Kitchen kitchen) {
            Optional<Found> found = solved(drafts, items, kitchen);
            if (found.isPresent()) {
                return new Timed(drafts, found.get(), kitchen);
            }
            if (meal.order() != null) {
                throw new IllegalArgumentException(
                        "The order does a task before something it needs, or in a time when nobody"
                                + " works. Put it back after what it needs.");
            }
            if (lend(drafts, items)) {
                found = solved(drafts, items, kitchen);
                if (found.isPresent()) {
                    return new Timed(drafts, found.get(), kitchen);
                }
            }
            return withMore(drafts, items, kitchen)
                    .or(() -> {
                        items.apart(drafts);
                        return solved(drafts, items, kitchen).map(f -> new Timed(drafts, f, kitchen));
                    })
                    .or(() -> withMore(drafts, items, kitchen))
                    .orElseThrow(
                            () -> new IllegalArgumentException(
                                    "No order of this work fits this kitchen, even with more of everything. Leave a dish out, or serve later."));
        }

        private Optional<Timed> withMore(List<Draft> drafts, Items items, Meal.Kitchen kitchen) {
            for (Relaxed more : Relaxed.of(kitchen, meal)) {
                timetable = new Timetable(meal, more.kitchen().sittings());
                Optional<Found> found = Clock.solve(
                        problem(drafts, items, more.kitchen(), MANY_WASHES).inBlocks());
                if (found.isPresent()) {
                    missing.add(more.missing());
                    return Optional.of(new Timed(drafts, found.get(), more.kitchen()));
                }
            }
            timetable = new Timetable(meal, kitchen.sittings());
            return Optional.empty();
        }

        /** What is hot goes on at once where it can, and few washes are tried before many. */
        private Optional<Found> solved(List<Draft> drafts, Items items, Meal.Kitchen kitchen) {
            if (meal.order() != null) {
                return Clock.solve(problem(drafts, items, kitchen, 0));
            }
            Problem tight = problem(drafts, items, kitchen, FEW_WASHES).tightly();
            return Clock.sketch(tight.inBlocks())
                    .flatMap(sketch -> Clock.solve(tight, sketch))
                    .or(() -> Clock.solve(tight))
                    .or(() -> Clock.solve(
                            problem(drafts, items, kitchen, MANY_WASHES).inBlocks()))
                    .or(() -> Clock.solve(problem(drafts, items, kitchen, MANY_WASHES)));
        }

        private boolean lend(List<Draft> drafts, Items items) {
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

        private Problem problem(List<Draft> drafts, Items items, Meal.Kitchen kitchen, int washes) {
            Map<String, long[]> windows = new LinkedHashMap<>();
            drafts.forEach(d -> windows.put(d.id(), timetable.window(d)));
            Map<String, Integer> fixed = new HashMap<>();
            meal.done().forEach(d -> fixed.put(d.task(), timetable.minute(d.from())));
            return new Problem(
                    drafts,
                    windows,
                    fixed,
                    meal.order() == null ? List.of() : meal.order(),
                    meal.order() == null,
                    false,
                    false,
                    washes,
                    items,
                    kitchen,
                    timetable.washing(),
                    timetable.lastSitting(),
                    timetable.serve(),
                    timetable.horizon());
        }

        private List<MealPlan.Serving> serving(List<Plan> plans, List<MealTask> tasks, List<Set<Allergen>> guards) {
            List<MealTask> served =
                    tasks.stream().filter(t -> t.action().equals("serve")).toList();
            List<MealPlan.Serving> all = new ArrayList<>();
            for (MealTask task : served) {
                int dish = task.dishes().getFirst();
                LocalDateTime out = tasks.stream()
                        .filter(t -> t.oven() != null && t.dishes().contains(dish))
                        .map(MealTask::to)
                        .max(LocalDateTime::compareTo)
                        .orElse(task.from());
                String spoon = "A spoon of its own for "
                        + plans.get(dish).recipe().title() + (guards.get(dish).isEmpty() ? "" : ", in no other dish");
                all.add(new MealPlan.Serving(dish, out, task.to(), spoon, all.size() + 1));
            }
            return all;
        }

        /** Against the plan as it was before anything was done or late. */
        private List<MealPlan.Change> changes(List<Draft> drafts, Items items, Timed timed) {
            if (meal.done().isEmpty() && meal.now() == null || meal.order() != null) {
                return List.of();
            }
            Meal before = new Meal(
                    meal.title(), meal.serveAt(), meal.eaters(), meal.dishes(), meal.kitchen(), List.of(), null, null);
            Work first = new Work(before, planner);
            Optional<Found> was = first.solved(drafts, items, timed.kitchen);
            Map<String, String> words = drafts.stream().collect(Collectors.toMap(Draft::id, Draft::words));
            Set<String> done = meal.done().stream().map(Meal.Done::task).collect(Collectors.toSet());
            List<MealPlan.Change> changes = new ArrayList<>();
            was.ifPresent(w -> w.starts().forEach((id, minute) -> {
                LocalDateTime then = first.timetable.time(minute);
                LocalDateTime now = timetable.time(timed.found.starts().get(id));
                if (!then.equals(now) && !done.contains(id)) {
                    changes.add(new MealPlan.Change(
                            id, now.toLocalTime() + " instead of " + then.toLocalTime() + ": " + words.get(id)));
                }
            }));
            return changes;
        }
    }
}
