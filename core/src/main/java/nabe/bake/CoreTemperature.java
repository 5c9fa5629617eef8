package nabe.bake;

import java.util.List;
import nabe.larder.Allergen;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Origin;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * The safe core temperature of what is in the dish. Source: USDA FSIS safe minimum internal temperatures: casseroles,
 * poultry, egg dishes with meat and reheated food 165 °F. A layered bake is a casserole whatever fish or egg is in it.
 */
final class CoreTemperature {
    static final String SOURCE = Messages.say("bake.usda-fsis-safe-minimum-internal-temperatures");
    private static final double CASSEROLE = Figures.of("bake.safe-core");

    private CoreTemperature() {}

    /** @return °C at the coldest point, or null where nothing in it asks for one */
    static @Nullable Double of(List<Ingredient> ingredients, Start start) {
        boolean reheated = start == Start.FRIDGE || start == Start.FROZEN;
        boolean animal = ingredients.stream()
                .anyMatch(i -> i.origin() == Origin.MEAT && !i.role().startsWith("stock")
                        || i.origin() == Origin.FISH && !i.role().equals("worcester")
                        || i.origin() == Origin.EGG
                        || i.allergens().contains(Allergen.EGG));
        return reheated || animal ? Double.valueOf(CASSEROLE) : null;
    }
}
