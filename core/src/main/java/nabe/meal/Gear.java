package nabe.meal;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nabe.larder.CatalogueFile;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Kinds of tools, what takes them in hand and whether they come clean. From meal-tools.csv and materials.csv. */
public final class Gear {
    private final Map<String, Kind> kinds = new LinkedHashMap<>();
    private final Map<String, String> materials = new LinkedHashMap<>();
    private final Set<String> clean = new HashSet<>();

    /**
     * A kind of tool.
     *
     * @param count how many a kitchen has that does not say; {@code washes} whether it comes clean at all
     * @param holdsFood whether it is taken for as long as the food stands in it
     */
    record Kind(
            String id,
            List<String> names,
            Set<String> actions,
            String material,
            int count,
            boolean washes,
            boolean holdsFood) {}

    Gear() {
        CatalogueFile stuff = CatalogueFile.open("materials.csv", "material", "names", "washes");
        for (CSVRecord row : stuff.rows()) {
            String id = stuff.text(row, "material");
            materials.put(id, id);
            stuff.list(row, "names", ";").forEach(name -> materials.put(name, id));
            if (stuff.text(row, "washes").equals("yes")) {
                clean.add(id);
            }
        }
        CatalogueFile file =
                CatalogueFile.open("meal-tools.csv", "tool", "names", "actions", "material", "count", "washes", "held");
        for (CSVRecord row : file.rows()) {
            Kind kind = new Kind(
                    file.text(row, "tool"),
                    file.list(row, "names", ";"),
                    Set.copyOf(file.list(row, "actions", ";")),
                    file.text(row, "material"),
                    (int) file.number(row, "count"),
                    file.text(row, "washes").equals("yes"),
                    file.text(row, "held").equals("food"));
            if (!materials.containsKey(kind.material)) {
                throw file.bad(row, "The material must be one of those in materials.csv.");
            }
            kinds.put(kind.id, kind);
        }
    }

    /** What a cook may say there is: kinds by their usual name, and materials. */
    public record GearChoices(List<GearKind> tools, List<GearMaterial> materials) {}

    public record GearKind(String tool, String name, int count, String material, boolean washes) {}

    public record GearMaterial(String material, boolean washes) {}

    GearChoices choices() {
        return new GearChoices(
                kinds.values().stream()
                        .map(k ->
                                new GearKind(k.id, k.names.getFirst(), k.count, k.material, washesClean(k, k.material)))
                        .toList(),
                materials.values().stream()
                        .distinct()
                        .map(m -> new GearMaterial(m, clean.contains(m)))
                        .toList());
    }

    Kind kind(String id) {
        return Objects.requireNonNull(kinds.get(id));
    }

    /** @return the kind that goes by this name, whatever its case and hyphens */
    Optional<Kind> named(@Nullable String name) {
        if (name == null) {
            return Optional.empty();
        }
        String plain = name.toLowerCase(Locale.ROOT).strip();
        return kinds.values().stream()
                .filter(k -> k.id.equals(plain.replace(' ', '-'))
                        || k.names.contains(plain)
                        || plain.endsWith("s") && k.names.contains(plain.substring(0, plain.length() - 1)))
                .findFirst();
    }

    /** @return the id of this material; metal where none is said */
    String material(@Nullable String name, Kind kind) {
        if (name == null || name.isBlank()) {
            return kind.material;
        }
        String plain = name.toLowerCase(Locale.ROOT).strip();
        return materials.getOrDefault(plain, plain);
    }

    /** Nothing is clean by default: a material nobody knows does not wash clean. */
    boolean washesClean(Kind kind, String material) {
        return kind.washes && clean.contains(material);
    }

    /** @return kinds that a step takes: the one it names and those its verbs ask for */
    Set<String> neededFor(Set<String> actions, @Nullable String tool) {
        Set<String> needed = new LinkedHashSet<>();
        named(tool).ifPresent(k -> needed.add(k.id));
        boolean vessel = needed.stream().anyMatch(id -> Objects.requireNonNull(kinds.get(id)).holdsFood);
        for (Kind kind : kinds.values()) {
            boolean asked = kind.actions.stream().anyMatch(actions::contains);
            if (asked && !(kind.holdsFood && vessel)) {
                needed.add(kind.id);
                vessel |= kind.holdsFood;
            }
        }
        return needed;
    }
}
