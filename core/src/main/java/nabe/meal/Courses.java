package nabe.meal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.bake.OvenChoice;
import nabe.bake.Phase;
import nabe.bake.Start;
import nabe.larder.Allergen;
import nabe.larder.Figures;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.recipe.Family;
import org.jspecify.annotations.Nullable;

/**
 * The dishes of a meal, each planned for those it is for and at a heat it shares with its neighbours.
 *
 * @param plans in the meal's order; {@code ovens} the oven each goes into; {@code briefs} what each was planned by
 */
record Courses(Meal meal, List<Plan> plans, List<Integer> ovens, List<Brief> briefs) {
    private static final double NEAR_IN_HEAT = Figures.of("meal.one-heat");

    private static final double USUAL_HEAT = Figures.of("meal.usual-heat");
    private static final double DIAL = 5;

    static Courses of(Meal meal, Planner planner) {
        List<Integer> ovens = ovens(meal);
        List<Brief> briefs = meal.dishes().stream().map(d -> brief(d, meal)).toList();
        List<Plan> alone = briefs.parallelStream().map(planner::plan).toList();
        List<Brief> shared = IntStream.range(0, alone.size())
                .mapToObj(i -> shared(briefs.get(i), common(i, alone, ovens)))
                .toList();
        return new Courses(meal, planned(alone, briefs, shared, planner), ovens, shared);
    }

    /** @return minutes more in the oven for dishes that go in colder than their plans say, where it is more */
    Map<Integer, Integer> longer(Map<Integer, Start> starts, Planner planner) {
        Map<Integer, Integer> more = new HashMap<>();
        starts.forEach((dish, start) -> {
            int minutes = minutes(planner.plan(from(briefs.get(dish), start))) - minutes(plans.get(dish));
            if (minutes > 0) {
                more.put(dish, minutes);
            }
        });
        return more;
    }

    private static int minutes(Plan plan) {
        return plan.bake().phases().stream()
                .filter(p -> p.kind().equals("bake"))
                .mapToInt(Phase::minutes)
                .sum();
    }

    private static List<Plan> planned(List<Plan> plans, List<Brief> were, List<Brief> are, Planner planner) {
        return IntStream.range(0, plans.size())
                .parallel()
                .mapToObj(i -> were.get(i).equals(are.get(i)) ? plans.get(i) : planner.plan(are.get(i)))
                .toList();
    }

    private static Brief shared(Brief brief, @Nullable Double heat) {
        return heat == null ? brief : at(brief, heat);
    }

    int size() {
        return plans.size();
    }

    boolean isOn(int dish) {
        return !meal.dishes().get(dish).dropped();
    }

    Plan plan(int dish) {
        return plans.get(dish);
    }

    String name(int dish) {
        return meal.nameOf(dish, plans.get(dish).recipe().title());
    }

    Set<Allergen> allergens(int dish) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        plans.get(dish).ingredients().forEach(i -> all.addAll(i.allergens()));
        return all;
    }

    /** Dishes dealt over the ovens in turn. */
    private static List<Integer> ovens(Meal meal) {
        List<Integer> all = new ArrayList<>();
        int next = 0;
        for (Meal.Course dish : meal.dishes()) {
            all.add(next % meal.kitchen().ovens().size());
            next += dish.dropped() ? 0 : 1;
        }
        return List.copyOf(all);
    }

    private static Brief brief(Meal.Course dish, Meal meal) {
        Needs needs = meal.eaters().stream()
                .filter(e -> dish.eatenBy() != null && dish.isFor(e))
                .map(Meal.Eater::needs)
                .reduce(dish.brief().needs(), Needs::and);
        return with(dish.brief(), needs, dish.brief().oven());
    }

    static Brief with(Brief brief, Needs needs, OvenChoice oven) {
        return BriefBuilder.builder()
                .recipe(brief.recipe())
                .needs(needs)
                .pan(brief.pan())
                .oven(oven)
                .servings(brief.servings())
                .choices(brief.choices())
                .eaters(brief.eaters())
                .schools(brief.schools())
                .made(brief.made())
                .prep(brief.prep())
                .build(brief.build())
                .brief();
    }

    private static Brief from(Brief brief, Start start) {
        OvenChoice own = brief.oven();
        return with(brief, brief.needs(), new OvenChoice(own.celsius(), own.fan(), start));
    }

    private static Brief at(Brief brief, double celsius) {
        OvenChoice own = brief.oven();
        return with(brief, brief.needs(), new OvenChoice(celsius, own.fan(), own.start()));
    }

    /** One heat for dishes of one oven that are near each other, or null where this one bakes at its own. */
    private static @Nullable Double common(int dish, List<Plan> plans, List<Integer> ovens) {
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
                : hot.stream()
                                .mapToDouble(p -> Objects.requireNonNull(p.celsius()) * p.minutes())
                                .sum()
                        / minutes;
    }
}
