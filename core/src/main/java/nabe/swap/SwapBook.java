package nabe.swap;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import nabe.larder.CatalogueException;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.YamlCatalogue;

/** All swaps, loaded strictly: every id once, every ingredient in the larder, every basis known. */
public final class SwapBook {
    private static final Set<String> BASES = Set.of("mass", "volume", "thickening", "fat", "fat-gap", "piece", "egg", "cooked");
    private final List<SwapRule> rules;

    public SwapBook(Larder larder) {
        rules = List.copyOf(YamlCatalogue.read("swaps.yaml", SwapRule[].class));
        Set<String> ids = new HashSet<>();
        for (SwapRule rule : rules) {
            check(rule, ids.add(rule.id()), larder);
        }
    }

    private static void check(SwapRule rule, boolean fresh, Larder larder) {
        if (!fresh) {
            throw new CatalogueException("swaps.yaml", rule.id(), "The id must stand once.");
        }
        for (SwapRule.Component component : rule.becomes()) {
            if (larder.find(component.use()).isEmpty() || !BASES.contains(component.by())) {
                throw new CatalogueException("swaps.yaml", rule.id(),
                        "The part (" + component + ") must use a larder id and a known basis.");
            }
        }
        if (!(rule.fidelity() > 0 && rule.fidelity() <= 1) || rule.reason() == null || rule.method() == null) {
            throw new CatalogueException("swaps.yaml", rule.id(), "It must give fidelity above 0 up to 1, a reason and a method.");
        }
    }

    /** @return how many swaps there are */
    public int size() {
        return rules.size();
    }

    /** @return the answers for this ingredient in this job, in file order */
    List<SwapRule> answersFor(Ingredient ingredient, String job) {
        return rules.stream().filter(rule -> rule.answers(ingredient, job)).toList();
    }
}
