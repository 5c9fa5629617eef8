package nabe.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Needs;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.MethodFood;
import nabe.words.Messages;

/** Gathers what to look for on packets: one sentence for all that ask for the same, its items, its source once. */
final class LabelChecks {
    private static final String SOURCE = Messages.say("plan.codex-standard-118-1979-gluten-free");
    private static final Set<String> SPICES = Set.of("spice", "yeast-flakes");
    private static final Set<String> GLUTEN = Set.of("wheat", "barley", "rye", "oats");
    private final Set<String> spices = new LinkedHashSet<>();
    private final Map<String, String> maybe = new LinkedHashMap<>();
    private final Map<String, String> traces = new LinkedHashMap<>();
    private final Set<String> methodOnly = new LinkedHashSet<>();

    static List<Caution> of(Needs needs, Conversion conversion, Larder larder) {
        LabelChecks checks = new LabelChecks();
        for (ConvertedLine line : conversion.toBuy()) {
            if (line.label() != null && line.ingredient() != null) {
                checks.note(line.item(), line.ingredient(), needs.judge(line.ingredient()));
            }
        }
        conversion.methodFoods().stream()
                .filter(f -> f.label() != null)
                .forEach(f -> checks.note(f, larder.get(f.ingredient())));
        return checks.gathered();
    }

    private static boolean isSpice(Ingredient ingredient) {
        return SPICES.contains(ingredient.make().kind());
    }

    /** @param name as the shopping list has it */
    private void note(String name, Ingredient ingredient, Judgement judgement) {
        if (isSpice(ingredient) && judgement.maybe().isEmpty()) {
            spices.add(name);
        } else if (!judgement.maybe().isEmpty()) {
            maybe.put(name, inShort(judgement.maybe()));
        } else if (!judgement.traces().isEmpty()) {
            traces.put(name, inShort(judgement.traces()));
        }
    }

    private void note(MethodFood food, Ingredient ingredient) {
        if (isSpice(ingredient)) {
            spices.add(ingredient.name());
        } else {
            methodOnly.add(food.becomes() == null ? food.name() : food.becomes());
        }
    }

    /** Gluten grains and nuts each as one word: the item's own packet names them. */
    private static String inShort(Set<String> words) {
        Set<String> nuts = new TreeSet<>();
        Allergen.TREE_NUTS.forEach(a -> nuts.add(a.word()));
        nuts.add(Allergen.PEANUT.word());
        Set<String> shorter = new LinkedHashSet<>();
        words.forEach(w -> shorter.add(GLUTEN.contains(w) ? "gluten" : nuts.contains(w) ? "nuts" : w));
        return String.join(", ", shorter);
    }

    private List<Caution> gathered() {
        List<Caution> all = new ArrayList<>();
        add(all, Messages.say("plan.read-the-label-some-makers-put"), named(maybe));
        add(all, Messages.say("plan.buy-with-a-claim-or-ask"), named(traces));
        add(all, Messages.say("plan.spices-and-dried-herbs-choose-packets"), spices);
        add(all, Messages.say("plan.named-only-in-the-method-read"), methodOnly);
        return all;
    }

    private static Set<String> named(Map<String, String> items) {
        Set<String> named = new LinkedHashSet<>();
        items.forEach((name, words) -> named.add(name + " (" + words + ")"));
        return named;
    }

    private static void add(List<Caution> all, String text, Set<String> items) {
        if (!items.isEmpty()) {
            all.add(new Caution("label", text, List.copyOf(items), SOURCE));
        }
    }
}
