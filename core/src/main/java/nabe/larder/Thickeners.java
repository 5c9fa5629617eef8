package nabe.larder;

import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/** How strongly each flour and starch thickens, against wheat flour = 1 by weight. From thickeners.csv. */
public final class Thickeners {
    private final Map<String, Double> strength = new HashMap<>();

    public Thickeners() {
        CatalogueFile file = CatalogueFile.open("thickeners.csv", "id", "low", "high");
        for (CSVRecord row : file.rows()) {
            strength.put(file.text(row, "id"), (file.number(row, "low") + file.number(row, "high")) / 2);
        }
    }

    /** @return the middle of the usual range; 1 for a flour the table does not hold */
    public double of(Ingredient ingredient) {
        return strength.getOrDefault(ingredient.id(), 1.0);
    }
}
