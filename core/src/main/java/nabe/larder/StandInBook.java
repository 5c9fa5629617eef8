package nabe.larder;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/** Which bought product a claim makes of a food that cannot keep it: "vegan egg", "gluten-free beer". From stand-ins.csv. */
public final class StandInBook {
    private final Map<String, Ingredient> rows = new HashMap<>();
    private final Set<String> ids = new HashSet<>();

    /** @throws CatalogueException when a row names nothing of the larder */
    public StandInBook(Larder larder) {
        CatalogueFile file = CatalogueFile.open("stand-ins.csv", "claim", "of", "row");
        for (CSVRecord row : file.rows()) {
            Ingredient standIn = larder.find(file.text(row, "row"))
                    .orElseThrow(() -> file.bad(row, "The row (" + row.get("row") + ") must be one of the larder."));
            rows.put(key(file.text(row, "claim"), file.text(row, "of")), standIn);
            ids.add(standIn.id());
        }
    }

    private static String key(String claim, String of) {
        return claim + " " + of;
    }

    /** @return the product meant, empty where the larder has none: then it is not known */
    public Optional<Ingredient> of(String claim, Ingredient food) {
        Ingredient byId = rows.get(key(claim, food.id()));
        return Optional.ofNullable(byId != null ? byId : rows.get(key(claim, food.role())));
    }

    /** @return whether this claim is what makes a food this product */
    public boolean makes(String claim, Ingredient food) {
        return rows.entrySet().stream()
                .anyMatch(e ->
                        e.getKey().startsWith(claim + " ") && e.getValue().id().equals(food.id()));
    }

    /** @return whether this is a product that some claim's stand-in is judged as: unknown make, whatever the recipe calls it */
    public boolean isStandIn(Ingredient food) {
        return ids.contains(food.id());
    }
}
