package nabe.larder;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import nabe.measure.Unit;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Builds the larder from the catalogue files, refusing the first row that does not hold together. */
final class LarderLoader {
    private static final String PRACTICE = "kitchen practice";
    private static final String MADE = "made";
    private final Map<String, Composition> compositions = new HashMap<>();
    private final Map<String, Map<String, Double>> measures = new HashMap<>();
    private final CatalogueFile file = CatalogueFile.open(
            "ingredients.csv",
            "id",
            "name",
            "aliases",
            "roles",
            "allergens",
            "maybe",
            "traces",
            "make",
            "origin",
            "composition",
            "cup_grams",
            "pieces");
    private final Makers makers = new Makers();
    private final Supplier<List<ComponentRecipe>> components;
    private @Nullable MadeComposition made;

    /** @param components read meanwhile; asked for only when the rows they explain are reached */
    LarderLoader(Supplier<List<ComponentRecipe>> components) {
        this.components = components;
    }

    List<Ingredient> load() {
        loadUsda();
        loadTypical();
        MadeComposition known = new MadeComposition(components.get());
        made = known;
        List<Ingredient> all = new ArrayList<>();
        for (CSVRecord row : file.rows()) {
            Ingredient ingredient = ingredient(row);
            known.know(ingredient);
            all.add(ingredient);
        }
        return all;
    }

    private void loadUsda() {
        CatalogueFile usda = CatalogueFile.open(
                "composition.csv",
                "ndb",
                "water",
                "protein",
                "fat",
                "carbohydrate",
                "fibre",
                "ash",
                "sodium_mg",
                "measures");
        for (CSVRecord row : usda.rows()) {
            String key = "ndb:" + usda.text(row, "ndb");
            compositions.put(key, composition(usda, row, "USDA SR24 " + key));
            Map<String, Double> byName = new LinkedHashMap<>();
            for (String measure : usda.list(row, "measures", ";")) {
                int eq = measure.lastIndexOf('=');
                byName.put(measure.substring(0, eq), usda.parse(row, measure.substring(eq + 1)));
            }
            measures.put(key, byName);
        }
    }

    private void loadTypical() {
        CatalogueFile typical = CatalogueFile.open(
                "typical.csv", "id", "water", "protein", "fat", "carbohydrate", "fibre", "ash", "sodium_mg");
        for (CSVRecord row : typical.rows()) {
            compositions.put("typical:" + typical.text(row, "id"), composition(typical, row, PRACTICE));
        }
    }

    private static Composition composition(CatalogueFile file, CSVRecord row, String source) {
        return new Composition(
                file.number(row, "water"),
                file.number(row, "protein"),
                file.number(row, "fat"),
                file.number(row, "carbohydrate"),
                file.numberOr(row, "fibre", 0),
                file.number(row, "ash"),
                file.number(row, "sodium_mg"),
                source);
    }

    private Ingredient ingredient(CSVRecord row) {
        String key = file.text(row, "composition");
        Composition composition =
                key.equals(MADE) && made != null ? made.of(file.text(row, "id")) : compositions.get(key);
        if (composition == null) {
            throw file.bad(
                    row,
                    "The composition (" + key
                            + ") must be a row of composition.csv or typical.csv, or made of rows above.");
        }
        List<String> maybe = file.list(row, "maybe", " ");
        List<String> roles = file.list(row, "roles", " ");
        Make make = makers.of(file.text(row, "make"));
        if (roles.isEmpty() || make == null) {
            throw file.bad(row, "It must have a role and a make: plain, home, or a kind of makers.csv.");
        }
        Set<Allergen> sure = allergens(row, file.list(row, "allergens", " "));
        Set<Allergen> doubtful = EnumSet.noneOf(Allergen.class);
        doubtful.addAll(make.maybe());
        doubtful.addAll(
                allergens(row, maybe.stream().filter(m -> !m.equals("animal")).toList()));
        doubtful.removeAll(sure);
        Set<Allergen> traces = EnumSet.noneOf(Allergen.class);
        traces.addAll(make.traces());
        traces.addAll(allergens(row, file.list(row, "traces", " ")));
        traces.removeAll(sure);
        traces.removeAll(doubtful);
        return IngredientBuilder.builder()
                .id(file.text(row, "id"))
                .name(file.text(row, "name"))
                .aliases(file.list(row, "aliases", ";"))
                .roles(roles)
                .allergens(sure)
                .maybe(Set.copyOf(doubtful))
                .maybeAnimal(maybe.contains("animal"))
                .traces(Set.copyOf(traces))
                .make(make)
                .origin(Origin.ofId(file.text(row, "origin")))
                .composition(composition)
                .gramsPerMl(density(row, key))
                .pieces(pieces(row, key))
                .build();
    }

    private Set<Allergen> allergens(CSVRecord row, List<String> ids) {
        Set<Allergen> set = EnumSet.noneOf(Allergen.class);
        for (String id : ids) {
            try {
                set.add(Allergen.ofId(id));
            } catch (IllegalArgumentException e) {
                throw file.bad(row, "The allergen (" + id + ") must be one of the list.");
            }
        }
        return Set.copyOf(set);
    }

    private OptionalDouble density(CSVRecord row, String key) {
        double cup = file.numberOr(row, "cup_grams", 0);
        if (cup == 0) {
            cup = measures.getOrDefault(key, Map.of()).entrySet().stream()
                    .filter(e -> isCup(e.getKey()))
                    .mapToDouble(Map.Entry::getValue)
                    .findFirst()
                    .orElse(0);
        }
        return cup == 0 ? OptionalDouble.empty() : OptionalDouble.of(cup / Unit.CUP.factor());
    }

    private static boolean isCup(String measure) {
        return measure.startsWith("1 cup") && (measure.length() == 5 || !Character.isLetter(measure.charAt(5)));
    }

    private Map<String, Ingredient.Piece> pieces(CSVRecord row, String key) {
        Map<String, Double> known = measures.getOrDefault(key, Map.of());
        Map<String, Ingredient.Piece> pieces = new HashMap<>();
        for (String text : file.list(row, "pieces", ";")) {
            String[] pair = text.split("=");
            if (pair.length != 2) {
                throw file.bad(row, "The piece (" + text + ") must read unit=grams.");
            }
            double grams = file.parse(row, pair[1]);
            String source = known.containsValue(grams) ? "USDA SR24 " + key : PRACTICE;
            pieces.put(pair[0], new Ingredient.Piece(grams, source));
        }
        return Map.copyOf(pieces);
    }
}
