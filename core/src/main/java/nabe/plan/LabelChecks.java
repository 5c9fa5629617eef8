package nabe.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Needs;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.MethodFood;

/** Gathers what to look for on packets: one sentence for all that ask for the same, its items, its source once. */
final class LabelChecks {
    private static final String SOURCE =
            "Codex Standard 118-1979 (gluten-free: below 20 mg/kg) and local labelling law";
    private static final Set<String> SPICES = Set.of("spice", "yeast-flakes");
    private final Set<String> spices = new LinkedHashSet<>();
    private final Map<Set<String>, Set<String>> maybe = new LinkedHashMap<>();
    private final Map<Set<String>, Set<String>> traces = new LinkedHashMap<>();
    private final Set<String> methodOnly = new LinkedHashSet<>();

    static List<Caution> of(Needs needs, Conversion conversion, Larder larder) {
        LabelChecks checks = new LabelChecks();
        for (ConvertedLine line : conversion.toBuy()) {
            if (line.label() != null && line.ingredient() != null) {
                checks.note(line.ingredient(), needs.judge(line.ingredient()));
            }
        }
        conversion.methodFoods().stream().filter(f -> f.label() != null).forEach(f -> checks.note(f, larder));
        return checks.gathered();
    }

    private void note(Ingredient ingredient, Judgement judgement) {
        String name = ingredient.name();
        if (SPICES.contains(ingredient.make().kind()) && judgement.maybe().isEmpty()) {
            spices.add(name);
            return;
        }
        if (!judgement.maybe().isEmpty()) {
            maybe.computeIfAbsent(judgement.maybe(), k -> new LinkedHashSet<>()).add(name);
        }
        if (!judgement.traces().isEmpty()) {
            traces.computeIfAbsent(judgement.traces(), k -> new LinkedHashSet<>())
                    .add(name);
        }
    }

    private void note(MethodFood food, Larder larder) {
        if (SPICES.contains(larder.get(food.ingredient()).make().kind())) {
            spices.add(larder.get(food.ingredient()).name());
            return;
        }
        methodOnly.add(food.becomes() == null ? food.name() : food.becomes());
    }

    private List<Caution> gathered() {
        List<Caution> all = new ArrayList<>();
        maybe.forEach((words, items) ->
                all.add(caution("Read the label: some makers put in " + Judgement.listed(words, "or") + ".", items)));
        traces.forEach((words, items) -> all.add(caution(
                "Buy with a claim, or ask the maker: the kind is sometimes contaminated with "
                        + Judgement.listed(words, "or") + ".",
                items)));
        if (!spices.isEmpty()) {
            all.add(caution("Spices and dried herbs: choose packets with a claim, or a maker who answers.", spices));
        }
        if (!methodOnly.isEmpty()) {
            all.add(caution(
                    "Named only in the method: read the label of these too before they come near the dish.",
                    methodOnly));
        }
        return all;
    }

    private static Caution caution(String text, Set<String> items) {
        return new Caution("label", text, List.copyOf(items), SOURCE);
    }
}
