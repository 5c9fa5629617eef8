package nabe.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.swap.job.Job;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Weighs the answers to one line against each other, for this kitchen. */
final class Options {
    private static final int MOST_PASSED_OVER = 2;
    private static final String CERTIFIED_OATS = Messages.say("swap.only-for-those-who-eat-oats");
    private static final Comparator<Option> BEST_FIRST =
            Comparator.comparingDouble((Option o) -> o.ranking().score()).reversed();
    private static final Comparator<Option> NEAREST_FIRST =
            Comparator.comparingDouble((Option o) -> o.fidelity().score()).reversed();
    private final Larder larder;
    private final Swapper.Tables tables;
    private final SwapArithmetic arithmetic;
    private final Kitchen kitchen;
    private final Display display;
    private final Standings standings;

    Options(Larder larder, Swapper.Tables tables, SwapArithmetic arithmetic, Kitchen kitchen, Standings standings) {
        this.larder = larder;
        this.tables = tables;
        this.arithmetic = arithmetic;
        this.kitchen = kitchen;
        this.standings = standings;
        this.display = Display.of(kitchen.house());
    }

    /**
     * One answer, weighed.
     *
     * @param onlyIf for whom alone it will do, or null
     */
    record Option(
            SwapRule rule,
            List<SwapArithmetic.Portion> portions,
            Fidelity fidelity,
            Cost cost,
            Ranking ranking,
            @Nullable String onlyIf) {

        /** @return why it works, with what makes up the fat where anything has to */
        String reason() {
            return makesUpFat() ? Messages.say("swap.and-oil-makes-up", rule.reason()) : rule.reason();
        }

        /** @return what changes at the stove, or null */
        @Nullable
        String change() {
            if (!makesUpFat()) {
                return rule.method();
            }
            return rule.method() == null
                    ? Messages.say("swap.whisk-the-oil-in")
                    : Messages.say("swap.and-whisk-the-oil-in", rule.method());
        }

        private boolean makesUpFat() {
            return rule.becomes().stream()
                    .filter(c -> c.by().equals("fat-gap"))
                    .anyMatch(c ->
                            portions.stream().anyMatch(p -> p.ingredient().id().equals(c.use())));
        }
    }

    /**
     * @param mixture grams of all that the line is mixed with, itself among them
     * @return what the larder knows for this line and its work, fitting or not
     */
    Answers answers(Line line, @Nullable Job job, double mixture) {
        return new Answers(line, job, mixture);
    }

    /** The answers to one line, parted by whether they meet every need. */
    final class Answers {
        private final Line line;
        private final double mixture;
        private final Nutrients was;
        private final List<SwapRule> unfit = new ArrayList<>();
        private final List<Option> fitting;
        private final List<Option> conditional;

        private Answers(Line line, @Nullable Job job, double mixture) {
            this.line = line;
            this.mixture = mixture;
            this.was = nutrients(List.of(new SwapArithmetic.Portion(line.food(), line.gramsOrZero())), line);
            List<SwapRule> fit = new ArrayList<>();
            tables.book()
                    .answersFor(line.food(), job, line.part())
                    .forEach(rule -> (standings.of(rule).fits() ? fit : unfit).add(rule));
            this.fitting = weighed(fit, null);
            this.conditional = asksOfOats()
                    ? weighed(
                            unfit.stream()
                                    .filter(rule -> standings.of(rule).fitsCertified())
                                    .toList(),
                            CERTIFIED_OATS)
                    : List.of();
        }

        private List<Option> weighed(List<SwapRule> rules, @Nullable String onlyIf) {
            return rules.stream()
                    .map(rule -> weigh(rule, line, was, mixture, onlyIf))
                    .sorted(BEST_FIRST)
                    .toList();
        }

        /** @return answers that meet every need, the best for this house first */
        List<Option> fitting() {
            return fitting;
        }

        /** @return answers that fit only those who eat oats from a certified packet, where nobody said that all do */
        List<Option> conditional() {
            return conditional;
        }

        /** Answers nearer than the taken one that some need shuts out. */
        List<Swap.PassedOver> passedOver(double fidelity) {
            return unfit.stream()
                    .filter(rule -> Fidelity.atBest(rule) > fidelity)
                    .map(rule -> weigh(rule, line, was, mixture, null))
                    .filter(o -> o.fidelity().score() > fidelity)
                    .sorted(NEAREST_FIRST)
                    .limit(MOST_PASSED_OVER)
                    .map(o -> new Swap.PassedOver(o.rule().id(), names(o.rule()), offences(o.rule())))
                    .toList();
        }

        /** @return what was tried and what stood against each, in a cook's words */
        String tried() {
            return unfit.stream()
                    .map(r -> larder.get(r.becomes().getFirst().use()).name() + " (" + offences(r) + ")")
                    .distinct()
                    .collect(Collectors.joining("; "));
        }
    }

    private boolean asksOfOats() {
        return kitchen.needs().oats() == Needs.Oats.UNSAID
                && kitchen.needs().needs().contains(Need.GLUTEN_FREE);
    }

    /** @return the rule of this id where it stands for a whole mixture */
    Optional<SwapRule> whole(String id) {
        return tables.book().find(id).filter(SwapRule::whole);
    }

    private Option weigh(SwapRule rule, Line line, Nutrients was, double mixture, @Nullable String onlyIf) {
        List<SwapArithmetic.Portion> portions =
                arithmetic.portions(rule, line.food(), line.gramsOrZero(), mixture, line.part());
        Nutrients now = nutrients(portions, line);
        Fidelity fidelity = Fidelity.of(rule, was, now, line.gramsOrZero());
        Nutrients more = now.minus(was);
        Standings.Standing here = standings.of(rule);
        Cost cost = new Cost(
                more.water(), more.salt(), more.fat(), here.active(), here.passive(), here.tools(), here.missing());
        Ranking ranking = Ranking.of(fidelity, here.asked(), here.avoided(), here.labels(), here.doubts(), cost);
        return new Option(rule, portions, fidelity, cost, ranking, onlyIf);
    }

    private Nutrients nutrients(List<SwapArithmetic.Portion> portions, Line line) {
        return Nutrients.of(portions, line.part(), tables.properties(), tables.techniques());
    }

    String names(SwapRule rule) {
        return Lists.and(
                rule.becomes().stream().map(c -> larder.get(c.use()).name()).toList());
    }

    private String offences(SwapRule rule) {
        return rule.becomes().stream()
                .flatMap(c -> standings.judge(larder.get(c.use())).offends().stream())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    List<Swap.Becomes> becomes(Option option, Line line) {
        return option.portions().stream()
                .map(p -> {
                    Double grams = line.grams() == null ? null : p.grams();
                    return new Swap.Becomes(
                            p.ingredient().name(), p.ingredient().id(), grams, display.amount(p.ingredient(), grams));
                })
                .toList();
    }

    @Nullable
    String check(SwapRule rule) {
        return standings.of(rule).check();
    }

    @Nullable
    String labelAdvice(Ingredient ingredient) {
        return standings.labelAdvice(ingredient);
    }
}
