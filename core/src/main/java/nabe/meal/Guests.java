package nabe.meal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Allergen;
import nabe.needs.Judgement;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.prep.PrepStep;
import nabe.swap.ConvertedLine;
import nabe.swap.Swap;
import nabe.words.Messages;

/** Who can eat what, and what each has on the plate. */
final class Guests {
    private static final int MOST_NAMED = 6;
    private final Meal meal;
    private final Courses courses;
    private final List<Plan> plans;
    private final Planner planner;

    Guests(Meal meal, Courses courses, Planner planner) {
        this.meal = meal;
        this.courses = courses;
        this.plans = courses.plans();
        this.planner = planner;
    }

    List<MealPlan.Eats> eats() {
        List<MealPlan.Eats> all = new ArrayList<>();
        for (Meal.Eater eater : meal.eaters()) {
            for (int i = 0; i < plans.size(); i++) {
                if (courses.isOn(i)) {
                    all.add(eats(eater, i));
                }
            }
        }
        return all;
    }

    private MealPlan.Eats eats(Meal.Eater eater, int dish) {
        Plan plan = plans.get(dish);
        List<String> against = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        for (ConvertedLine line : plan.conversion().toBuy()) {
            if (line.ingredient() == null) {
                labels.add(Messages.say("meal.not-known-ask-what-is-in", line.item()));
                continue;
            }
            Judgement judgement = eater.needs().judge(line.ingredient(), claims(plan, line));
            if (!judgement.fits()) {
                against.add(line.item() + ": " + String.join(", ", judgement.offends()));
            } else if (judgement.needsLabel()) {
                labels.add(line.item());
            }
        }
        plan.conversion().unresolved().forEach(u -> labels.add(Messages.say("meal.left-out", u.text(), u.why())));
        if (!against.isEmpty()) {
            return new MealPlan.Eats(eater.name(), dish, "no", few(against));
        }
        boolean sure = labels.isEmpty() || eater.needs().isEmpty();
        return new MealPlan.Eats(
                eater.name(),
                dish,
                sure ? "yes" : "check",
                sure ? List.of() : List.of(Messages.say("meal.read-the-label", String.join(", ", few(labels)))));
    }

    private static Collection<String> claims(Plan plan, ConvertedLine line) {
        return line.swapped()
                ? List.of()
                : plan.recipe().lines().get(line.source()).claims();
    }

    private static List<String> few(List<String> all) {
        List<String> distinct = all.stream().distinct().toList();
        if (distinct.size() <= MOST_NAMED) {
            return distinct;
        }
        List<String> some = new ArrayList<>(distinct.subList(0, MOST_NAMED));
        some.add(Messages.say("meal.and-more", distinct.size() - MOST_NAMED));
        return some;
    }

    /** @return for every dish what must not get into it: what strict people who eat it cannot have */
    List<Set<Allergen>> guards(List<MealPlan.Eats> eats) {
        List<Set<Allergen>> all = new ArrayList<>();
        for (int i = 0; i < plans.size(); i++) {
            int dish = i;
            Set<Allergen> guards = EnumSet.noneOf(Allergen.class);
            meal.eaters().stream()
                    .filter(e -> e.needs().strict() && meal.dishes().get(dish).isFor(e) && !isNo(eats, e, dish))
                    .forEach(e -> guards.addAll(e.needs().forbidden()));
            Needs own = meal.dishes().get(i).brief().needs();
            if (own.strict() && courses.isOn(i) && fits(plans.get(i), own)) {
                guards.addAll(own.forbidden());
            }
            plans.get(i).ingredients().forEach(item -> guards.removeAll(item.allergens()));
            all.add(guards);
        }
        return all;
    }

    private static boolean fits(Plan plan, Needs needs) {
        return plan.conversion().toBuy().stream()
                .allMatch(l -> l.ingredient() == null
                        || needs.judge(l.ingredient(), claims(plan, l)).fits());
    }

    private static boolean isNo(List<MealPlan.Eats> eats, Meal.Eater eater, int dish) {
        return eats.stream()
                .anyMatch(e -> e.eater().equals(eater.name())
                        && e.dish() == dish
                        && e.verdict().equals("no"));
    }

    List<MealPlan.Gap> gaps(List<MealPlan.Eats> eats) {
        List<MealPlan.Gap> gaps = new ArrayList<>();
        for (Meal.Eater eater : meal.eaters()) {
            boolean fed = eats.stream()
                    .anyMatch(e -> e.eater().equals(eater.name())
                            && !e.verdict().equals("no")
                            && meal.dishes().get(e.dish()).isFor(eater));
            if (!fed) {
                gaps.add(new MealPlan.Gap(eater.name(), offer(eater, eats)));
            }
        }
        return gaps;
    }

    private String offer(Meal.Eater eater, List<MealPlan.Eats> eats) {
        Optional<String> suits = eats.stream()
                .filter(e -> e.eater().equals(eater.name()) && !e.verdict().equals("no"))
                .map(e -> courses.name(e.dish()))
                .findFirst();
        if (suits.isPresent()) {
            return Messages.say("meal.let-have-of-too-and-make", eater.name(), suits.get());
        }
        return Messages.say("meal.nothing-here-is-for-convert-for", eater.name(), courses.name(0));
    }

    List<MealPlan.Compare> compare(List<MealPlan.Eats> eats) {
        return IntStream.range(0, plans.size())
                .parallel()
                .mapToObj(dish -> compare(dish, cannot(eats, dish)))
                .flatMap(Optional::stream)
                .toList();
    }

    private List<Meal.Eater> cannot(List<MealPlan.Eats> eats, int dish) {
        return meal.eaters().stream()
                .filter(e -> meal.dishes().get(dish).isFor(e) && isNo(eats, e, dish))
                .toList();
    }

    private Optional<MealPlan.Compare> compare(int dish, List<Meal.Eater> cannot) {
        if (cannot.isEmpty()) {
            return Optional.empty();
        }
        Brief brief = meal.dishes().get(dish).brief();
        Needs both = cannot.stream().map(Meal.Eater::needs).reduce(brief.needs(), Needs::and);
        Plan converted = planner.plan(Courses.with(brief, both, brief.oven()));
        MealPlan.Way forAll = way(converted, converted);
        MealPlan.Way apart = new MealPlan.Way(
                way(plans.get(dish), plans.get(dish)).minutes() + forAll.minutes(), forAll.fidelity(), forAll.checks());
        boolean near = forAll.fidelity() >= 0.5;
        return Optional.of(new MealPlan.Compare(
                dish,
                cannot.stream().map(Meal.Eater::name).toList(),
                forAll,
                apart,
                near ? Messages.say("meal.one-for-all") : Messages.say("meal.one-apart"),
                near
                        ? Messages.say("meal.one-dish-is-less-work-and")
                        : Messages.say("meal.the-swaps-here-change-the-dish")));
    }

    private static MealPlan.Way way(Plan plan, Plan checked) {
        int minutes =
                plan.prep().steps().stream().mapToInt(PrepStep::activeMinutes).sum();
        double fidelity = plan.conversion().swaps().stream()
                .filter(s -> !s.becomes().isEmpty())
                .mapToDouble(Swap::fidelity)
                .min()
                .orElse(1);
        int checks = (int)
                checked.ingredients().stream().filter(i -> i.label() != null).count();
        return new MealPlan.Way(minutes, fidelity, checks);
    }
}
