package nabe.prep;

import java.util.Locale;
import nabe.measure.KitchenText;
import nabe.swap.MadeComponent;
import nabe.words.Messages;

/** How a thing made at home is told. */
public final class MadeWords {
    private MadeWords() {}

    /** @param grams how much of it, for all the dishes that take some */
    public static String of(MadeComponent made, double grams) {
        String name = made.name();
        return Messages.say(
                "prep.make",
                KitchenText.grams(grams),
                name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1),
                String.join(" ", made.steps()));
    }
}
