package nabe.prep;

import java.util.Locale;
import java.util.Set;
import nabe.measure.KitchenText;
import nabe.swap.ConvertedLine;

/** What a mend asks of the cook, the same where it is offered and where it is a step. */
public final class MendWords {
    private static final Set<String> LEAVES = Set.of("leaf", "frozen-leaf");
    private static final Set<String> KEEP_THEIR_SHAPE = Set.of("vegetable", "slice-vegetable");

    private MendWords() {}

    /** @param grams that are left */
    public static String cookedDown(ConvertedLine line, double grams) {
        String role = line.ingredient() == null ? "" : line.ingredient().role();
        String left = KitchenText.grams(grams);
        if (LEAVES.contains(role)) {
            return "Squeeze the " + line.item() + " harder: " + left + " are left.";
        }
        if (role.equals("water")) {
            return "Take only " + left + " of the " + line.item() + ".";
        }
        return KEEP_THEIR_SHAPE.contains(role)
                ? "Dry the " + line.item() + " in a hot pan until " + left + " are left."
                : "Cook the " + line.item() + " down to " + left + ".";
    }

    public static String pressed(ConvertedLine line, double minutes) {
        return "Press the " + line.item() + " " + Math.round(minutes) + " min more.";
    }

    public static String uncovered(double minutes) {
        return "Take the foil off " + Math.round(minutes) + " min sooner.";
    }

    /** @param what liquid; {@code pot} what it is called */
    public static String stirred(String what, String pot, double grams) {
        return "Stir " + Math.round(grams) + " ml " + what + " into the " + pot.toLowerCase(Locale.ROOT) + ".";
    }
}
