package nabe.swap;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Allergen;
import nabe.larder.ComponentRecipe;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.swap.job.Job;
import org.jspecify.annotations.Nullable;

/** Weighs the answers to one line against each other, for this kitchen. */
final class Options {
    private static final int MOST_PASSED_OVER = 2;
    private static final String CERTIFIED_OATS =
            "Only for those who eat oats, and only from a packet certified gluten-free.";
    private static final Comparator<Option> BEST_FIRST =
            Comparator.comparingDouble((Option o) -> o.ranking().score()).reversed();
    private final Larder larder;
    private final Swapper.Tables tables;
    private final SwapArithmetic arithmetic;
    private final Kitchen kitchen;
    private final Display display;
    private final Map<String, Judgement> judged = new HashMap<>();
    private final Map<String, Optional<String>> advice = new HashMap<>();
    private final Map<String, Effort> efforts = new HashMap<>();

    Options(Larder larder, Swapper.Tables tables, SwapArithmetic arithmetic, Kitchen kitchen) {
        this.larder = larder;
        this.tables = tables;
        this.arithmetic = arithmetic;
        this.kitchen = kitchen;
        this.display = Display.of(kitchen.house());
    }

    private Judgement judge(Ingredient ingredient) {
        return judged.computeIfAbsent(ingredient.id(), id -> kitchen.needs().judge(ingredient));
    }

    /** What an answer asks of the cook, whatever the line: minutes and tools. */
    private record Effort(int active, int passive, List<String> tools) {}

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
            @Nullable String onlyIf) {}

    /**
     * @param mixture grams of all that the line is mixed with, itself among them
     * @return answers that meet every need, the best for this house first
     */
    List<Option> fitting(Line line, Job job, double mixture) {
        Nutrients was = nutrientsOf(line);
        return tables.book().answersFor(line.ingredient(), job, line.part()).stream()
                .filter(this::fits)
                .map(rule -> weigh(rule, line, was, mixture, null))
                .sorted(BEST_FIRST)
                .toList();
    }

    /** @return answers that fit only those who eat oats from a certified packet, where nobody said that all do */
    List<Option> conditional(Line line, Job job, double mixture) {
        if (kitchen.needs().oats() != Needs.Oats.UNSAID
                || !kitchen.needs().needs().contains(Need.GLUTEN_FREE)) {
            return List.of();
        }
        Nutrients was = nutrientsOf(line);
        return tables.book().answersFor(line.ingredient(), job, line.part()).stream()
                .filter(rule ->
                        !fits(rule) && rule.becomes().stream().allMatch(c -> fitsCertified(larder.get(c.use()))))
                .map(rule -> weigh(rule, line, was, mixture, CERTIFIED_OATS))
                .sorted(BEST_FIRST)
                .toList();
    }

    private boolean fitsCertified(Ingredient ingredient) {
        return kitchen.needs().judge(ingredient, List.of(Need.GLUTEN_FREE.id())).fits()
                && (judge(ingredient).fits() || ingredient.allergens().contains(Allergen.OATS));
    }

    /** @return the rule of this id where it stands for a whole mixture */
    Optional<SwapRule> whole(String id) {
        return tables.book().find(id).filter(SwapRule::whole);
    }

    private boolean fits(SwapRule rule) {
        return rule.becomes().stream().allMatch(c -> judge(larder.get(c.use())).fits());
    }

    private Nutrients nutrientsOf(Line line) {
        return nutrients(List.of(new SwapArithmetic.Portion(line.ingredient(), line.gramsOrZero())), line);
    }

    private Option weigh(SwapRule rule, Line line, Nutrients was, double mixture, @Nullable String onlyIf) {
        List<SwapArithmetic.Portion> portions =
                arithmetic.portions(rule, line.ingredient(), line.gramsOrZero(), mixture, line.part());
        Nutrients now = nutrients(portions, line);
        Fidelity fidelity = Fidelity.of(rule, was, now, line.gramsOrZero());
        Cost cost = cost(rule, now.minus(was));
        boolean asked = rule.school().entrySet().stream()
                .anyMatch(e -> kitchen.house().schools().chose(e.getKey(), e.getValue()));
        boolean avoided = rule.becomes().stream().anyMatch(c -> isAvoided(larder.get(c.use())))
                || kitchen.house().schools().avoidsWaiting(cost.passiveMinutes());
        long labels = rule.becomes().stream()
                .filter(c -> !judge(larder.get(c.use())).maybe().isEmpty())
                .count();
        long doubts = rule.becomes().stream()
                .mapToLong(c -> judge(larder.get(c.use())).doubts())
                .sum();
        return new Option(
                rule, portions, fidelity, cost, Ranking.of(fidelity, asked, avoided, labels, doubts, cost), onlyIf);
    }

    /** What the house's schools do without; a thing made at home counts by what goes into it. */
    private boolean isAvoided(Ingredient ingredient) {
        List<ComponentRecipe> home = tables.components().making(ingredient);
        return home.isEmpty()
                ? kitchen.house().schools().avoids(ingredient)
                : home.stream()
                        .allMatch(r -> r.of().keySet().stream()
                                .anyMatch(id -> kitchen.house().schools().avoids(larder.get(id))));
    }

    private Nutrients nutrients(List<SwapArithmetic.Portion> portions, Line line) {
        return Nutrients.of(portions, line.part(), tables.properties(), tables.techniques());
    }

    private Cost cost(SwapRule rule, Nutrients more) {
        Effort effort = efforts.computeIfAbsent(rule.id(), id -> effort(rule));
        return new Cost(
                more.water(),
                more.salt(),
                more.fat(),
                effort.active(),
                effort.passive(),
                effort.tools(),
                effort.tools().stream().filter(kitchen.lacks()::contains).toList());
    }

    private Effort effort(SwapRule rule) {
        List<ComponentRecipe> home = rule.becomes().stream()
                .map(c -> tables.components().making(larder.get(c.use())).stream()
                        .filter(r -> r.usual().equals("home"))
                        .findFirst()
                        .orElse(null))
                .filter(Objects::nonNull)
                .toList();
        List<String> tools = Stream.concat(rule.tools().stream(), home.stream().flatMap(r -> r.tools().stream()))
                .distinct()
                .toList();
        return new Effort(
                rule.active() + home.stream().mapToInt(ComponentRecipe::active).sum(),
                rule.passive()
                        + home.stream().mapToInt(ComponentRecipe::passive).max().orElse(0),
                tools);
    }

    /** Answers nearer than the taken one that some need shuts out. */
    List<Swap.PassedOver> passedOver(Line line, Job job, double fidelity) {
        Nutrients was = nutrientsOf(line);
        return tables.book().answersFor(line.ingredient(), job, line.part()).stream()
                .filter(rule -> !fits(rule))
                .map(rule -> weigh(rule, line, was, line.gramsOrZero(), null))
                .filter(o -> o.fidelity().score() > fidelity)
                .sorted(Comparator.comparingDouble((Option o) -> o.fidelity().score())
                        .reversed())
                .limit(MOST_PASSED_OVER)
                .map(o -> new Swap.PassedOver(o.rule().id(), names(o.rule()), offences(o.rule())))
                .toList();
    }

    String names(SwapRule rule) {
        return rule.becomes().stream().map(c -> larder.get(c.use()).name()).collect(Collectors.joining(" and "));
    }

    private String offences(SwapRule rule) {
        return rule.becomes().stream()
                .map(c -> larder.get(c.use()))
                .flatMap(i -> judge(i).offends().stream())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    /** @return what was tried and what stood against each, in a cook's words */
    String tried(Line line, Job job) {
        return tables.book().answersFor(line.ingredient(), job, line.part()).stream()
                .map(r -> larder.get(r.becomes().getFirst().use()).name() + " (" + offences(r) + ")")
                .distinct()
                .collect(Collectors.joining("; "));
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

    String check(SwapRule rule) {
        String text = rule.becomes().stream()
                .map(c -> larder.get(c.use()))
                .map(this::labelAdvice)
                .filter(Objects::nonNull)
                .distinct()
                .collect(Collectors.joining(" "));
        return text.isEmpty() ? null : text;
    }

    String labelAdvice(Ingredient ingredient) {
        return advice.computeIfAbsent(
                        ingredient.id(),
                        id -> Optional.ofNullable(judge(ingredient).labelAdvice(ingredient.name())))
                .orElse(null);
    }
}
