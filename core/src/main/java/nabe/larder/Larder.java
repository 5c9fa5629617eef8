package nabe.larder;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/** All the ingredients Nabe knows, by id and by the names people write. Immutable; one instance serves everyone. */
public final class Larder {
    private static final int NEAREST = 3;
    private final Map<String, Ingredient> byId = new LinkedHashMap<>();
    private final NameIndex names;
    private final List<ComponentRecipe> components;
    /** Only what is not known asks for it. */
    private final Once<NearNames> near;

    private Larder() {
        names = new NameIndex();
        Alongside<List<ComponentRecipe>> reading = new Alongside<>(ComponentBook::read);
        for (Ingredient ingredient : new LarderLoader(reading).load()) {
            if (byId.put(ingredient.id(), ingredient) != null) {
                throw new CatalogueException("ingredients.csv", ingredient.id(), "The id must stand once.");
            }
            names.add(ingredient);
        }
        components = reading.get();
        near = new Once<>(() -> new NearNames(byId.values()));
    }

    private Larder(Larder base, Map<String, Ingredient> standIns) {
        byId.putAll(base.byId);
        byId.putAll(standIns);
        names = base.names;
        components = base.components;
        near = base.near;
    }

    /** @return this larder with kept packets standing in for ingredients of the same id */
    public Larder with(Map<String, Ingredient> standIns) {
        return standIns.isEmpty() ? this : new Larder(this, standIns);
    }

    /** @throws CatalogueException when a catalogue file does not hold together */
    public static Larder load() {
        return new Larder();
    }

    /** @throws WrongValueException when the larder holds no such ingredient */
    public Ingredient get(String id) {
        return find(id).orElseThrow(
                        () -> new WrongValueException(Messages.say("larder.the-ingredient-must-be-one-of", id)));
    }

    public Optional<Ingredient> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** @return component recipes as the file gives them; see {@link ComponentBook} */
    List<ComponentRecipe> components() {
        return components;
    }

    public Collection<Ingredient> all() {
        return java.util.Collections.unmodifiableCollection(byId.values());
    }

    /** @return the three foods whose names are nearest to words that name none, the nearest first */
    public List<Ingredient> nearest(String words) {
        return near.get().to(words, NEAREST);
    }

    /** The ingredient named in a few words of a recipe, if any; see {@link NameIndex}. */
    public Optional<NameIndex.Match> match(String words) {
        return names.match(words).map(this::mine);
    }

    /** The ingredient named letter for letter (accents, plurals and case aside), if any. */
    public Optional<NameIndex.Match> matchExactly(String words) {
        return names.matchExactly(words).map(this::mine);
    }

    /** Every ingredient named in a sentence, from left to right. */
    public List<NameIndex.Match> scan(String sentence) {
        return names.scan(sentence).stream().map(this::mine).toList();
    }

    /** The same with one slip of the pen forgiven in long words. */
    public List<NameIndex.Match> scanForgiving(String sentence) {
        return names.scanForgiving(sentence).stream().map(this::mine).toList();
    }

    private NameIndex.Match mine(NameIndex.Match match) {
        Ingredient own = get(match.food().id());
        return own == match.ingredient()
                ? match
                : new NameIndex.Match(own, match.start(), match.end(), match.words(), match.exact());
    }
}
