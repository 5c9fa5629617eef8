package nabe.label;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.IngredientBuilder;
import nabe.larder.Larder;
import nabe.larder.Origin;
import nabe.needs.Need;
import nabe.words.Messages;

/**
 * Turns kept packets into the ingredients they stand in for, judged by their own labels. Where a label is silent or
 * unclear, what is known of the kind stays: a packet never becomes safer than its words make it.
 */
public final class StandIns {
    private StandIns() {}

    /**
     * @param products of one ingredient the last counts
     * @throws IllegalArgumentException when one stands in for nothing in the larder
     */
    public static Map<String, Ingredient> of(List<KeptProduct> products, Larder larder, LabelReader reader) {
        Map<String, Ingredient> standIns = new LinkedHashMap<>();
        products.forEach(p -> standIns.put(p.standsFor(), of(p, larder.get(p.standsFor()), reader)));
        return standIns;
    }

    private static Ingredient of(KeptProduct product, Ingredient kind, LabelReader reader) {
        if (!product.label().matches("(?s).*\\p{L}{2}.*")) {
            return named(
                    product, kind, kind.allergens(), kind.maybe(), kind.maybeAnimal(), kind.traces(), kind.origin());
        }
        LabelReading label = reader.read(product.label());
        Set<Allergen> contains = Set.copyOf(label.contains());
        Set<Allergen> doubtful = EnumSet.noneOf(Allergen.class);
        for (Need need : Need.values()) {
            if (!"yes".equals(label.verdicts().get(need.id()))) {
                need.forbids().stream()
                        .filter(a -> !contains.contains(a) && knownOf(kind, a))
                        .forEach(doubtful::add);
            }
        }
        single(kind, contains, label, doubtful);
        Set<Allergen> traces = EnumSet.noneOf(Allergen.class);
        traces.addAll(label.mayContain());
        label.verdicts().forEach((need, verdict) -> {
            if (!verdict.equals("yes") || !label.claims().contains(need)) {
                Need.ofId(need).forbids().stream()
                        .filter(kind.traces()::contains)
                        .forEach(traces::add);
            }
        });
        traces.removeAll(contains);
        doubtful.removeAll(label.unclear().isEmpty() ? label.mayContain() : List.of());
        traces.removeAll(doubtful);
        String vegan = label.verdicts().get(Need.VEGAN.id());
        Origin origin = "yes".equals(vegan)
                ? Origin.PLANT
                : "no".equals(vegan) && kind.origin().isVegan() ? animal(label) : kind.origin();
        return named(product, kind, contains, doubtful, !"yes".equals(vegan), traces, origin);
    }

    /** Allergens no need covers (mustard, celery …): unclear words leave the kind's own in doubt. */
    private static void single(Ingredient kind, Set<Allergen> contains, LabelReading label, Set<Allergen> doubtful) {
        if (!label.unclear().isEmpty()) {
            EnumSet.allOf(Allergen.class).stream()
                    .filter(a -> !contains.contains(a) && knownOf(kind, a))
                    .forEach(doubtful::add);
        }
    }

    private static boolean knownOf(Ingredient kind, Allergen allergen) {
        return kind.allergens().contains(allergen) || kind.maybe().contains(allergen);
    }

    private static Origin animal(LabelReading label) {
        return "no".equals(label.verdicts().get(Need.VEGETARIAN.id()))
                ? Origin.MEAT
                : label.contains().contains(Allergen.MILK)
                        ? Origin.DAIRY
                        : label.contains().contains(Allergen.EGG) ? Origin.EGG : Origin.ANIMAL;
    }

    private static Ingredient named(
            KeptProduct product,
            Ingredient kind,
            Set<Allergen> contains,
            Set<Allergen> maybe,
            boolean maybeAnimal,
            Set<Allergen> traces,
            Origin origin) {
        return IngredientBuilder.builder()
                .id(kind.id())
                .name(product.name())
                .aliases(kind.aliases())
                .roles(kind.roles())
                .allergens(contains)
                .maybe(Set.copyOf(maybe))
                .maybeAnimal(maybeAnimal)
                .traces(Set.copyOf(traces))
                .make(kind.make())
                .origin(origin)
                .composition(kind.composition())
                .gramsPerMl(kind.gramsPerMl())
                .pieces(pieces(product, kind))
                .build();
    }

    private static Map<String, Ingredient.Piece> pieces(KeptProduct product, Ingredient kind) {
        Map<String, Ingredient.Piece> pieces = new HashMap<>(kind.pieces());
        if (product.sheetGrams() != null) {
            Ingredient.Piece own =
                    new Ingredient.Piece(product.sheetGrams(), Messages.say("label.the-packet", product.name()));
            pieces.put("each", own);
            pieces.computeIfPresent("sheet", (unit, old) -> own);
        }
        if (product.packGrams() != null) {
            pieces.put(
                    "package",
                    new Ingredient.Piece(product.packGrams(), Messages.say("label.the-packet", product.name())));
        }
        return Map.copyOf(pieces);
    }
}
