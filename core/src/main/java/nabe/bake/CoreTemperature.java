package nabe.bake;

import java.util.List;
import nabe.larder.Ingredient;
import nabe.larder.Origin;

/**
 * The safe core temperature of what is in the dish. Source: USDA FSIS safe minimum internal temperatures (poultry,
 * casseroles, reheated food 165 °F; minced meat and egg dishes 160 °F; fish 145 °F).
 */
final class CoreTemperature {
    static final String SOURCE = "USDA FSIS safe minimum internal temperatures; follow your local food-safety advice";
    private static final double POULTRY_OR_MIXED = 74;
    private static final double MINCE_OR_EGG = 71;
    private static final double FISH = 63;

    private CoreTemperature() {}

    /** @return °C at the coldest point, or null where nothing in it asks for one */
    static Double of(List<Ingredient> ingredients, Start start) {
        boolean reheated = start == Start.FRIDGE || start == Start.FROZEN;
        boolean poultry = ingredients.stream().anyMatch(i -> i.role().startsWith("poultry"));
        boolean meat = ingredients.stream()
                .anyMatch(i -> i.origin() == Origin.MEAT && !i.role().startsWith("stock"));
        boolean egg = ingredients.stream().anyMatch(i -> i.origin() == Origin.EGG);
        boolean fish = ingredients.stream()
                .anyMatch(i -> i.origin() == Origin.FISH && i.role().matches("fish|fish-cooked|shellfish"));
        boolean mixed = (meat ? 1 : 0) + (egg ? 1 : 0) + (fish ? 1 : 0) > 1;
        if (poultry || reheated || mixed) {
            return POULTRY_OR_MIXED;
        }
        if (meat || egg) {
            return MINCE_OR_EGG;
        }
        return fish ? FISH : null;
    }
}
