package nabe.larder;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** What makers of each kind of bought food put in, from makers.csv. Every kind is judged on every allergen, or is refused. */
final class Makers {
    private final Map<String, Make> byKind = new HashMap<>();

    /** @throws CatalogueException for a kind that leaves an allergen unjudged or judges one twice */
    Makers() {
        CatalogueFile file = CatalogueFile.open("makers.csv", "kind", "mixture", "maybe", "traces", "none");
        for (CSVRecord row : file.rows()) {
            Set<Allergen> maybe = allergens(file, row, "maybe");
            Set<Allergen> traces = allergens(file, row, "traces");
            Set<Allergen> none = allergens(file, row, "none");
            Set<Allergen> judged = EnumSet.copyOf(none);
            judged.addAll(maybe);
            judged.addAll(traces);
            if (judged.size() != Allergen.values().length
                    || maybe.size() + traces.size() + none.size() != judged.size()) {
                throw file.bad(row, "It must judge every allergen once: maybe, traces or none.");
            }
            String kind = file.text(row, "kind");
            byKind.put(
                    kind,
                    new Make(kind, file.text(row, "mixture").equals("yes"), Set.copyOf(maybe), Set.copyOf(traces)));
        }
        byKind.put(Make.PLAIN, Make.of(Make.PLAIN));
        byKind.put(Make.HOME, Make.of(Make.HOME));
    }

    /** @return the make, or null where no row has this kind */
    @Nullable
    Make of(String kind) {
        return byKind.get(kind);
    }

    private static Set<Allergen> allergens(CatalogueFile file, CSVRecord row, String column) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        for (String id : file.list(row, column, " ")) {
            List<Allergen> named = id.equals("nuts") ? List.copyOf(Allergen.TREE_NUTS) : List.of(one(file, row, id));
            all.addAll(named);
        }
        return all;
    }

    private static Allergen one(CatalogueFile file, CSVRecord row, String id) {
        try {
            return Allergen.ofId(id);
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The allergen (" + id + ") must be one of the list.");
        }
    }
}
