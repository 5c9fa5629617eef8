package nabe.larder;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Every component recipe, loaded strictly: each makes a row of the larder, of rows of the larder, and holds no allergen
 * that the made row does not own up to.
 */
public final class ComponentBook {
    private static final String FILE = "components.json5";
    private static final Set<String> FREEZES = Set.of("well", "weeps", "no");
    private static final Set<String> USUAL = Set.of("home", "bought");
    private final List<ComponentRecipe> recipes;
    private final Map<String, List<ComponentRecipe>> byMade;

    /** @throws CatalogueException for the first entry that does not hold together */
    public ComponentBook(Larder larder) {
        recipes = larder.components();
        byMade = recipes.stream().collect(Collectors.groupingBy(ComponentRecipe::makes));
        Set<String> ids = new HashSet<>();
        recipes.forEach(recipe -> check(recipe, ids.add(recipe.id()), larder));
    }

    static List<ComponentRecipe> read() {
        return List.copyOf(ListCatalogue.read(FILE, ComponentRecipe[].class));
    }

    private static void check(ComponentRecipe recipe, boolean fresh, Larder larder) {
        if (!fresh
                || !FREEZES.contains(recipe.freezes())
                || !USUAL.contains(recipe.usual())
                || recipe.steps().isEmpty()) {
            throw new CatalogueException(
                    FILE,
                    recipe.id(),
                    "It must have an id of its own, steps, freezes well, weeps or no, " + "and usual home or bought.");
        }
        Ingredient made = larder.get(recipe.makes());
        Set<Allergen> hidden = EnumSet.noneOf(Allergen.class);
        recipe.of().keySet().forEach(id -> hidden.addAll(larder.get(id).allergens()));
        hidden.removeAll(made.allergens());
        if (!hidden.isEmpty()) {
            throw new CatalogueException(FILE, recipe.id(), made.id() + " does not own up to " + hidden + ".");
        }
    }

    public List<ComponentRecipe> all() {
        return recipes;
    }

    /** @return the recipes that make this ingredient, in file order; empty where it is only bought */
    public List<ComponentRecipe> making(Ingredient ingredient) {
        return byMade.getOrDefault(ingredient.id(), List.of());
    }
}
