package nabe.plan;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import nabe.house.House;
import nabe.house.Person;
import nabe.larder.Figures;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Making.Built;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Work;
import nabe.swap.Swap;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** One dish for everybody who eats it, or a small one apart for those who need it: both worked out, and compared. */
public final class OneOrApart {
    private static final int BUILDING = Figures.whole("plan.building");
    private static final double NEAR = Figures.of("plan.gladly-eaten");

    private final Larder larder;
    private final Function<Brief, Built> plan;
    private final Function<Built, Integer> labels;

    /**
     * @param one the dish made to fit everybody, or null where nobody needs it; {@code apart} two dishes, or null where all
     *     who eat need it
     * @param advice which way Nabe would go, {@code why} in a sentence
     */
    public record Compared(@Nullable Feeding one, @Nullable Feeding apart, Advice advice, String why) {}

    /**
     * One way to feed them.
     *
     * @param dishes who eats of each, and how many servings it makes
     * @param activeMinutes work for all dishes together
     * @param fidelity how near what they eat stays to the recipe, 0 to 1, over everybody who eats
     * @param labels packets to read
     * @param strictMoments moments when food that somebody must not have is handled beside theirs
     * @param open things for which nothing near enough is found: the cook chooses or goes without
     */
    public record Feeding(
            List<DishFor> dishes, int activeMinutes, double fidelity, int labels, int strictMoments, int open) {}

    /** @param ids of people of the house, {@code people} their names; {@code converted} whether it is made to fit needs */
    public record DishFor(List<String> ids, List<String> people, int servings, boolean converted) {
        static DishFor of(List<Person> people, int servings, boolean converted) {
            return new DishFor(OneOrApart.ids(people), names(people), servings, converted);
        }
    }

    /** Which way to go. */
    public enum Advice {
        ONE,
        APART,
        /** Nobody, or everybody, needs it: there is nothing to decide. */
        SAME;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param plan works a brief out up to the oven door; {@code labels} how many packets are to be read for it */
    OneOrApart(Larder larder, Function<Brief, Built> plan, Function<Built, Integer> labels) {
        this.larder = larder;
        this.plan = plan;
        this.labels = labels;
    }

    Compared compare(Brief brief, House house) {
        List<Person> all = house.people().stream()
                .filter(p -> brief.eaters().contains(p.id()))
                .toList();
        List<Person> needing = all.stream().filter(p -> changes(brief, p)).toList();
        List<Person> others = all.stream().filter(p -> !needing.contains(p)).toList();
        if (needing.isEmpty()) {
            return new Compared(null, null, Advice.SAME, Messages.say("plan.the-recipe-fits-everybody-who-eats"));
        }
        Built whole = plan.apply(brief);
        int servings =
                whole.recipe().servings() == null ? all.size() : whole.recipe().servings();
        Feeding one = new Feeding(
                List.of(DishFor.of(all, servings, true)),
                work(whole),
                fidelity(whole),
                labels.apply(whole),
                0,
                open(whole));
        if (others.isEmpty()) {
            return new Compared(one, null, Advice.SAME, Messages.say("plan.everybody-who-eats-this-needs-it"));
        }
        Feeding apart = apart(brief, house, needing, others, servings);
        return advised(one, apart, house, needing);
    }

    private Feeding apart(Brief brief, House house, List<Person> needing, List<Person> others, int servings) {
        int small = Math.max(1, Math.round((float) servings * needing.size() / (needing.size() + others.size())));
        int large = Math.max(1, servings - small);
        Built theirs = plan.apply(brief.eatenBy(ids(needing), small));
        Built rest = plan.apply(brief.eatenBy(ids(others), large));
        double share = (double) needing.size() / (needing.size() + others.size());
        Needs needs = house.needsOf(ids(needing));
        return new Feeding(
                List.of(DishFor.of(needing, small, true), DishFor.of(others, large, false)),
                work(theirs) + work(rest),
                share * fidelity(theirs) + (1 - share) * fidelity(rest),
                labels.apply(theirs) + labels.apply(rest),
                moments(rest, needs),
                open(theirs) + open(rest));
    }

    private static Compared advised(Feeding one, Feeding apart, House house, List<Person> needing) {
        int more = apart.activeMinutes() - one.activeMinutes();
        String who = Lists.and(names(needing));
        String saved = Messages.say("plan.one-dish-is-min-less-work", more, who);
        if (house.schools().chose("one-strict", "separate")) {
            return new Compared(one, apart, Advice.APART, Messages.say("plan.your-house-cooks-a-small-dish"));
        }
        if (one.open() > 0) {
            return new Compared(one, apart, Advice.APART, Messages.say("plan.made-to-fit-it-is-another", who));
        }
        if (one.fidelity() >= NEAR || apart.strictMoments() == 0 && more > 0) {
            return new Compared(one, apart, Advice.ONE, saved);
        }
        return new Compared(
                one,
                apart,
                Advice.APART,
                Messages.say("plan.what-fits-strays-far-from-the", who, more, apart.strictMoments()));
    }

    /** @return whether the recipe has to change for this person */
    private boolean changes(Brief brief, Person person) {
        if (person.asNeeds().isEmpty()) {
            return false;
        }
        Built own = plan.apply(brief.eatenBy(List.of(person.id()), brief.servings()));
        return !own.conversion().swaps().isEmpty()
                || !own.conversion().unresolved().isEmpty();
    }

    private static List<String> ids(List<Person> people) {
        return people.stream().map(Person::id).toList();
    }

    private static List<String> names(List<Person> people) {
        return people.stream().map(Person::name).toList();
    }

    private static int work(Built built) {
        return BUILDING
                + built.prep().steps().stream().mapToInt(s -> s.activeMinutes()).sum();
    }

    private static int open(Built built) {
        long chosen = built.conversion().swaps().stream()
                .filter(s -> s.rule().equals(Swap.OPEN))
                .count();
        return (int) chosen + built.conversion().unresolved().size();
    }

    /** By weight over what is swapped; what is left open counts as lost. */
    private static double fidelity(Built built) {
        List<double[]> terms = new ArrayList<>();
        for (Swap swap : built.conversion().swaps()) {
            terms.add(new double[] {swap.wasGrams() == null ? 1 : Math.max(1, swap.wasGrams()), swap.fidelity()});
        }
        double weight = terms.stream().mapToDouble(t -> t[0]).sum();
        return weight == 0 ? 1 : terms.stream().mapToDouble(t -> t[0] * t[1]).sum() / weight;
    }

    /** Steps of the others' dish that handle what these needs shut out, then its bake beside theirs and the serving. */
    private int moments(Built rest, Needs needs) {
        if (!needs.strict()) {
            return 0;
        }
        long steps = rest.conversion().procedure().components().stream()
                .flatMap(pot -> pot.steps().stream())
                .filter(step -> handles(step, needs))
                .count();
        return steps == 0 ? 0 : (int) steps + 2;
    }

    private boolean handles(Work step, Needs needs) {
        return step.uses().stream()
                .map(Constituent::ingredient)
                .anyMatch(id -> id != null && !needs.judge(larder.get(id)).fits());
    }
}
