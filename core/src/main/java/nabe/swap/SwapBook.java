package nabe.swap;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import nabe.house.Schools;
import nabe.house.Tool;
import nabe.larder.CatalogueException;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.ListCatalogue;
import nabe.recipe.Part;
import nabe.swap.job.Job;
import org.jspecify.annotations.Nullable;

/** All swaps, loaded strictly: every id once, every ingredient in the larder, every basis known. */
public final class SwapBook {
    private static final Set<String> BASES =
            Set.of("mass", "volume", "thickening", "fat", "fat-gap", "piece", "area", "egg", "cooked", "mixture");
    /** What goes along with a thing but does not name it. */
    private static final double LEAST_NAMED = Figures.of("swap.least-named");

    private static final Set<String> SIDE = Set.of("water", "olive-oil", "sunflower-oil", "salt");

    private final List<SwapRule> rules;
    private final Map<String, SwapRule> byId = new HashMap<>();
    private final Map<String, List<SwapRule>> byIngredient = new ConcurrentHashMap<>();
    private final Map<Asked, List<SwapRule>> answers = new ConcurrentHashMap<>();

    private record Asked(String ingredient, @Nullable Job job, Part part) {}

    private final Larder larder;

    public SwapBook(Larder larder) {
        this.larder = larder;
        rules = List.copyOf(ListCatalogue.read("swaps.json5", SwapRule[].class));
        Set<String> ids = new HashSet<>();
        for (SwapRule rule : rules) {
            check(rule, ids.add(rule.id()), larder);
            byId.put(rule.id(), rule);
        }
    }

    private static void check(SwapRule rule, boolean fresh, Larder larder) {
        if (!fresh) {
            throw new CatalogueException("swaps.json5", rule.id(), "The id must stand once.");
        }
        for (SwapRule.Component component : rule.becomes()) {
            if (larder.find(component.use()).isEmpty() || !BASES.contains(component.by())) {
                throw new CatalogueException(
                        "swaps.json5",
                        rule.id(),
                        "The part (" + component + ") must use a larder id and a known basis.");
            }
        }
        if (!isShare(rule.taste())
                || !isShare(rule.texture())
                || rule.reason() == null
                || rule.whole() && rule.method() == null) {
            throw new CatalogueException(
                    "swaps.json5",
                    rule.id(),
                    "It must give taste and texture above 0 up to 1, a reason and, where it stands for a whole mixture, a method.");
        }
        new Schools(rule.school());
        rule.tools().forEach(Tool::ofId);
    }

    private static boolean isShare(double value) {
        return value > 0 && value <= 1;
    }

    /** @return the rule, empty for the cook's own "leave it out" */
    Optional<SwapRule> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** @return what the method calls the thing that stands in: the rule's own word, else what mainly goes in */
    String called(Swap swap) {
        SwapRule rule = find(swap.rule()).orElse(null);
        if (rule != null && rule.called() != null) {
            return rule.called();
        }
        if (swap.becomes().size() == 1) {
            return swap.becomes().getFirst().item();
        }
        double whole = swap.becomes().stream()
                .mapToDouble(b -> b.grams() == null ? 0 : b.grams())
                .sum();
        List<Swap.Becomes> main = swap.becomes().stream()
                .filter(b -> !SIDE.contains(b.ingredient()))
                .filter(b -> b.grams() == null || b.grams() >= LEAST_NAMED * whole)
                .limit(2)
                .toList();
        return (main.isEmpty() ? swap.becomes() : main)
                .stream().map(Swap.Becomes::item).collect(Collectors.joining(" and "));
    }

    public List<SwapRule> all() {
        return rules;
    }

    /** @return how many swaps there are */
    public int size() {
        return rules.size();
    }

    /** @return the answers for this ingredient in this job and part, as they are there, in file order */
    List<SwapRule> answersFor(Ingredient ingredient, @Nullable Job job, Part part) {
        return answers.computeIfAbsent(new Asked(ingredient.id(), job, part), this::answering);
    }

    private List<SwapRule> answering(Asked asked) {
        return byIngredient.computeIfAbsent(asked.ingredient, this::answering).stream()
                .filter(rule -> rule.does(asked.job, asked.part))
                .map(rule -> rule.as(asked.job))
                .toList();
    }

    private List<SwapRule> answering(String id) {
        return larder.find(id)
                .map(own -> rules.stream().filter(rule -> rule.answersFor(own)).toList())
                .orElse(List.of());
    }
}
