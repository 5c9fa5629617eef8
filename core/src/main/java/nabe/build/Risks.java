package nabe.build;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nabe.recipe.Part;
import nabe.words.Messages;

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
                                ? Messages.say("build.a-dry-sheet-on-top-stays")
                                : Messages.say("build.nothing-covers-the-top-brush-it"));
            }
            if (part == Part.STRUCTURE && i == 0 && dry) {
                add(risks, i, Messages.say("build.a-dry-sheet-on-the-bare"));
            }
            boolean onItself =
                    i > 0 && layers.get(i).component().equals(layers.get(i - 1).component());
            if (part == Part.STRUCTURE && onItself) {
                add(risks, i, Messages.say("build.two-layers-of-structure-touch-nothing"));
            }
            if (isCheese(part) && below == Part.STRUCTURE && dry && last) {
                add(risks, i, Messages.say("build.cheese-straight-on-a-dry-sheet"));
            }
            if (last && part == Part.RED_SAUCE) {
                add(risks, i, Messages.say("build.red-sauce-on-top-browns-least"));
            }
            if (part == Part.TOPPING && !last && i < layers.size() - 2) {
                add(risks, i, Messages.say("build.crumbs-under-other-layers-go-soft"));
            }
            if (part == Part.STRUCTURE
                    && dry
                    && i > 0
                    && !last
                    && !WET.contains(below)
                    && !WET.contains(layers.get(i + 1).part())) {
                add(risks, i, Messages.say("build.a-dry-sheet-wants-wet-below"));
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
