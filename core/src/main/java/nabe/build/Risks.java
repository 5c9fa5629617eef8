package nabe.build;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nabe.recipe.Part;

/** What an order of layers risks. Any order is allowed. Kitchen practice. */
final class Risks {
    private static final Set<Part> WET =
            EnumSet.of(Part.RED_SAUCE, Part.WHITE_SAUCE, Part.FILLING, Part.SOFT_CHEESE, Part.BINDER);

    private Risks() {}

    /** @param dry whether the structure goes in dry; {@code lidded} whether the structure is the lid itself */
    static List<BuildPlan.Risk> of(List<Layer> layers, boolean dry, boolean lidded) {
        List<BuildPlan.Risk> risks = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            Part part = layers.get(i).part();
            Part below = i == 0 ? null : layers.get(i - 1).part();
            boolean last = i == layers.size() - 1;
            if (part == Part.STRUCTURE && last && !lidded) {
                add(
                        risks,
                        i,
                        dry
                                ? "A dry sheet on top stays hard and cracks: cover it with sauce to the edges."
                                : "Nothing covers the top: brush it with oil or it dries.");
            }
            if (part == Part.STRUCTURE && i == 0 && dry) {
                add(risks, i, "A dry sheet on the bare base sticks: spread a film of sauce first.");
            }
            boolean onItself =
                    i > 0 && layers.get(i).component().equals(layers.get(i - 1).component());
            if (part == Part.STRUCTURE && onItself) {
                add(risks, i, "Two layers of structure touch: nothing wets or joins them.");
            }
            if (isCheese(part) && below == Part.STRUCTURE && dry && last) {
                add(risks, i, "Cheese straight on a dry sheet burns before the sheet is tender: sauce between them.");
            }
            if (last && part == Part.RED_SAUCE) {
                add(risks, i, "Red sauce on top browns least; cheese, white sauce or crumbs would.");
            }
            if (part == Part.TOPPING && !last && i < layers.size() - 2) {
                add(risks, i, "Crumbs under other layers go soft.");
            }
            if (part == Part.STRUCTURE
                    && dry
                    && i > 0
                    && !last
                    && !WET.contains(below)
                    && !WET.contains(layers.get(i + 1).part())) {
                add(risks, i, "A dry sheet wants wet below and above.");
            }
        }
        return List.copyOf(risks);
    }

    private static boolean isCheese(Part part) {
        return part == Part.MELTING_CHEESE || part == Part.HARD_CHEESE;
    }

    private static void add(List<BuildPlan.Risk> risks, int layer, String text) {
        risks.add(new BuildPlan.Risk(layer, text));
    }
}
