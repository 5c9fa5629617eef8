package nabe.plan;

import java.util.List;
import nabe.larder.Allergen;
import nabe.larder.Origin;
import org.jspecify.annotations.Nullable;

/**
 * One thing to have in the kitchen: all lines of one ingredient together.
 *
 * @param ingredient larder id, or null when Nabe does not know it
 * @param grams all of it, or null where no amount is given
 * @param origin null when unknown
 * @param label what to check on the packet, or null
 * @param swapped whether it stands for something else, at least in part
 */
public record ShoppingItem(String item, @Nullable String ingredient, @Nullable Double grams, String display, List<Allergen> allergens,
        @Nullable Origin origin, @Nullable String label, boolean swapped) {
}
