package nabe.larder;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** Works out what home-made things are made of: the sum of what goes in, less the water that goes off. */
final class MadeComposition {
    private final Map<String, ComponentRecipe> byMade = new HashMap<>();
    private final Map<String, Composition> known = new HashMap<>();

    MadeComposition(List<ComponentRecipe> components) {
        components.forEach(c -> byMade.putIfAbsent(c.makes(), c));
    }

    void know(Ingredient ingredient) {
        known.put(ingredient.id(), ingredient.composition());
    }

    /**
     * @return per 100 g ready, or null where no component makes it or something in it is not known yet
     * @throws CatalogueException when more goes off than there is water
     */
    @Nullable
    Composition of(String made) {
        ComponentRecipe recipe = byMade.get(made);
        if (recipe == null || !known.keySet().containsAll(recipe.of().keySet())) {
            return null;
        }
        double ready = recipe.readyGrams();
        double off = recipe.rawGrams() - ready;
        double water = (grams(recipe, Composition::water) - off) / ready * 100;
        if (water < 0) {
            throw new CatalogueException("components.json5", recipe.id(), "More goes off than there is water in it.");
        }
        return new Composition(
                water,
                share(recipe, Composition::protein),
                share(recipe, Composition::fat),
                share(recipe, Composition::carbohydrate),
                share(recipe, Composition::fibre),
                share(recipe, Composition::ash),
                share(recipe, Composition::sodiumMg),
                "made: component " + recipe.id());
    }

    private double share(ComponentRecipe recipe, ToDoubleFunction<Composition> figure) {
        return grams(recipe, figure) / recipe.readyGrams() * 100;
    }

    private double grams(ComponentRecipe recipe, ToDoubleFunction<Composition> figure) {
        return recipe.of().entrySet().stream()
                .mapToDouble(e -> e.getValue() * figure.applyAsDouble(known.get(e.getKey())) / 100)
                .sum();
    }
}
