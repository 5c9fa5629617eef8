package nabe.prep;

import java.util.Locale;
import java.util.Set;
import nabe.measure.KitchenText;
import nabe.swap.ConvertedLine;
import nabe.words.Messages;

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
            return Messages.say("prep.squeeze-the-harder-are-left", line.item(), left);
        }
        if (role.equals("water")) {
            return Messages.say("prep.take-only-of-the", left, line.item());
        }
        return KEEP_THEIR_SHAPE.contains(role)
                ? Messages.say("prep.dry-the-in-a-hot-pan", line.item(), left)
                : Messages.say("prep.cook-the-down-to", line.item(), left);
    }

    public static String pressed(ConvertedLine line, double minutes) {
        return Messages.say("prep.press-the-min-more", line.item(), Math.round(minutes));
    }

    public static String uncovered(double minutes) {
        return Messages.say("prep.take-the-foil-off-min-sooner", Math.round(minutes));
    }

    /** @param what liquid; {@code pot} what it is called */
    public static String stirred(String what, String pot, double grams) {
        return Messages.say("prep.stir-ml-into-the", Math.round(grams), what, pot.toLowerCase(Locale.ROOT));
    }
}
