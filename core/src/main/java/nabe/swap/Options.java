package nabe.swap;

import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.ComponentRecipe;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.recipe.Line;

/** Weighs the answers to one line against each other, for this kitchen. */
final class Options {
    private static final int MOST_PASSED_OVER = 2;
    private final Larder larder;
    private final Swapper.Tables tables;
    private final SwapArithmetic arithmetic;
    private final Kitchen kitchen;
    private final Display display;
    private final Map<String, Judgement> judged = new HashMap<>();
    private final Map<String, Optional<String>> advice = new HashMap<>();
    private final Map<SwapRule, Effort> efforts = new IdentityHashMap<>();

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

    /** One answer, weighed. */
    record Option(
            SwapRule rule, List<SwapArithmetic.Portion> portions, Fidelity fidelity, Cost cost, Ranking ranking) {}

    /** @return answers that meet every need, the best for this house first */
    List<Option> fitting(Line line, String job) {
        Nutrients was = nutrientsOf(line);
        return tables.book().answersFor(line.ingredient(), job).stream()
                .filter(this::fits)
                .map(rule -> weigh(rule, line, was))
                .sorted(Comparator.comparingDouble((Option o) -> o.ranking().score())
                        .reversed())
                .toList();
    }

    private boolean fits(SwapRule rule) {
        return rule.becomes().stream().allMatch(c -> judge(larder.get(c.use())).fits());
    }

    private Nutrients nutrientsOf(Line line) {
        return nutrients(List.of(new SwapArithmetic.Portion(line.ingredient(), line.gramsOrZero())), line);
    }

    private Option weigh(SwapRule rule, Line line, Nutrients was) {
        List<SwapArithmetic.Portion> portions =
                arithmetic.portions(rule, line.ingredient(), line.gramsOrZero(), line.part());
        Nutrients now = nutrients(portions, line);
        Fidelity fidelity = Fidelity.of(rule, was, now, line.gramsOrZero());
        Cost cost = cost(rule, now.minus(was));
        int chosen = (int) rule.school().entrySet().stream()
                .filter(e -> kitchen.house().schools().chose(e.getKey(), e.getValue()))
                .count();
        long labels = rule.becomes().stream()
                .filter(c -> !judge(larder.get(c.use())).maybe().isEmpty())
                .count();
        return new Option(rule, portions, fidelity, cost, Ranking.of(fidelity, chosen, labels, cost));
    }

    private Nutrients nutrients(List<SwapArithmetic.Portion> portions, Line line) {
        return Nutrients.of(portions, line.part(), tables.properties(), tables.techniques());
    }

    private Cost cost(SwapRule rule, Nutrients more) {
        Effort effort = efforts.computeIfAbsent(rule, this::effort);
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
    List<Swap.PassedOver> passedOver(Line line, String job, double fidelity) {
        Nutrients was = nutrientsOf(line);
        return tables.book().answersFor(line.ingredient(), job).stream()
                .filter(rule -> !fits(rule))
                .map(rule -> weigh(rule, line, was))
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
    String tried(Line line, String job) {
        return tables.book().answersFor(line.ingredient(), job).stream()
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
