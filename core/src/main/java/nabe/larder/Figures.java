package nabe.larder;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/**
 * The figures that the rules rest on, each with its unit, the range that cooks and tables give for it, and its source: figures.csv. What has a table of its own, by food, work or kind of dish, stands there.
 */
public final class Figures {
    private static final Map<String, Double> ALL = load();

    private Figures() {}

    /**
     * @param name room and figure, "bake.custard-set"; in the unit that the file gives
     * @throws CatalogueException when the file has no such figure
     */
    public static double of(String name) {
        Double value = ALL.get(name);
        if (value == null) {
            throw new CatalogueException("figures.csv", name, "The figure is missing.");
        }
        return value;
    }

    /** The same, of what is counted. */
    public static int whole(String name) {
        return Math.toIntExact(Math.round(of(name)));
    }

    /** @return all names */
    static Set<String> names() {
        return Set.copyOf(ALL.keySet());
    }

    private static Map<String, Double> load() {
        CatalogueFile file =
                CatalogueFile.open("figures.csv", "figure", "value", "unit", "low", "high", "source", "what");
        Map<String, Double> all = new HashMap<>();
        for (CSVRecord row : file.rows()) {
            double value = file.number(row, "value");
            boolean sourced = !file.text(row, "unit").isEmpty()
                    && !file.text(row, "source").isEmpty()
                    && !file.text(row, "what").isEmpty();
            boolean within = file.number(row, "low") <= value && value <= file.number(row, "high");
            if (!sourced || !within || all.put(file.text(row, "figure"), value) != null) {
                throw file.bad(row, "A figure stands once, within its range, with unit, source and what it is.");
            }
        }
        return Map.copyOf(all);
    }
}
