package nabe.label;

import nabe.measure.WrongValueException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * A packet the cook keeps, to stand in for an ingredient.
 *
 * @param id stable name
 * @param name as the cook calls it, generic ("the blue packet of rice sheets")
 * @param standsFor larder id of the ingredient it stands in for
 * @param label the packet's words, or blank where the cook has not typed them: then the kind's own warnings stay
 * @param minutes the packet's own cooking time, or null
 * @param thirst grams of water 100 g drinks until tender, or null
 * @param sheetGrams what one sheet or piece weighs, {@code packGrams} the whole packet, or null
 */
public record KeptProduct(
        String id,
        String name,
        String standsFor,
        String label,
        @Nullable Integer minutes,
        @Nullable Double thirst,
        @Nullable Double sheetGrams,
        @Nullable Double packGrams) {

    /** @throws WrongValueException for a missing name or a figure no packet has */
    public KeptProduct {
        if (name == null || name.isBlank() || name.length() > 120) {
            throw new WrongValueException(Messages.say("label.the-packet-must-have-a-name"));
        }
        if (standsFor == null || standsFor.isBlank()) {
            throw new WrongValueException(Messages.say("label.say-which-ingredient-the-packet-stands"));
        }
        within(Messages.say("label.cooking-time"), minutes, 1, 180, "minutes");
        within(Messages.say("label.water-it-drinks"), thirst, 0, 400, Messages.say("label.grams-for-100"));
        within(Messages.say("label.weight-of-one-piece"), sheetGrams, 0.5, 1000, "grams");
        within(Messages.say("label.weight-of-the-packet"), packGrams, 1, 20_000, "grams");
        label = label == null ? "" : label;
    }

    private static void within(String what, @Nullable Number value, double least, double most, String unit) {
        if (value != null && !(value.doubleValue() >= least && value.doubleValue() <= most)) {
            throw new WrongValueException(
                    Messages.say("label.the-packets-must-be-from-to", what, value, least, most, unit));
        }
    }
}
