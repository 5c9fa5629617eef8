package nabe.larder;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** All the ingredients Nabe knows, by id and by the names people write. Immutable; one instance serves everyone. */
public final class Larder {
    private final Map<String, Ingredient> byId = new LinkedHashMap<>();
    private final NameIndex names = new NameIndex();

    private Larder() {
        for (Ingredient ingredient : new LarderLoader().load()) {
            if (byId.put(ingredient.id(), ingredient) != null) {
                throw new CatalogueException("ingredients.csv", ingredient.id(), "The id must stand once.");
            }
            names.add(ingredient);
        }
    }

    /** @throws CatalogueException when a catalogue file does not hold together */
    public static Larder load() {
        return new Larder();
    }

    /** @throws IllegalArgumentException when the larder holds no such ingredient */
    public Ingredient get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException(
                "The ingredient (" + id + ") must be one of the larder. Maybe it was renamed."));
    }

    public Optional<Ingredient> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Collection<Ingredient> all() {
        return java.util.Collections.unmodifiableCollection(byId.values());
    }

    /** The ingredient named in a few words of a recipe, if any; see {@link NameIndex}. */
    public Optional<NameIndex.Match> match(String words) {
        return names.match(words);
    }
}
