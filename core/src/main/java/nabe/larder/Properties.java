package nabe.larder;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVRecord;

/** What a role does, in figures, by ingredient and property. From properties.csv, where each property's unit stands. */
public final class Properties {
    private final Map<String, Map<String, Range>> byId = new HashMap<>();

    /**
     * A figure with its usual range.
     *
     * @param low at most {@code high}
     */
    public record Range(double low, double high) {
        public double mid() {
            return (low + high) / 2;
        }
    }

    /** @throws CatalogueException when a row names nothing in the larder or its ends are out of order */
    public Properties(Larder larder) {
        CatalogueFile file = CatalogueFile.open("properties.csv", "id", "property", "low", "high");
        for (CSVRecord row : file.rows()) {
            String id = file.text(row, "id");
            Range range = new Range(file.number(row, "low"), file.number(row, "high"));
            if (larder.find(id).isEmpty() || range.low > range.high) {
                throw file.bad(row, "It must name an ingredient of the larder and give low before high.");
            }
            byId.computeIfAbsent(id, key -> new HashMap<>()).put(file.text(row, "property"), range);
        }
    }

    private Properties(Map<String, Map<String, Range>> known) {
        byId.putAll(known);
    }

    /** @return these properties with the thirst of kept packets, g water for 100 g by larder id */
    public Properties withAbsorption(Map<String, Double> thirst) {
        if (thirst.isEmpty()) {
            return this;
        }
        Map<String, Map<String, Range>> all = new HashMap<>(byId);
        thirst.forEach((id, grams) -> {
            Map<String, Range> own = new HashMap<>(all.getOrDefault(id, Map.of()));
            own.put("absorption", new Range(grams, grams));
            all.put(id, own);
        });
        return new Properties(all);
    }

    /** @return every property known of the ingredient, perhaps none */
    public Map<String, Range> of(Ingredient ingredient) {
        return byId.getOrDefault(ingredient.id(), Map.of());
    }

    /** @return the middle of the usual range, empty where nothing is known */
    public OptionalDouble mid(Ingredient ingredient, String property) {
        Range range = of(ingredient).get(property);
        return range == null ? OptionalDouble.empty() : OptionalDouble.of(range.mid());
    }

    /** @return the low end of the usual range, empty where nothing is known */
    public OptionalDouble low(Ingredient ingredient, String property) {
        Range range = of(ingredient).get(property);
        return range == null ? OptionalDouble.empty() : OptionalDouble.of(range.low());
    }
}
