package nabe.build;

import java.util.List;
import java.util.regex.Pattern;
import nabe.measure.WrongValueException;
import nabe.recipe.Part;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What the cook decided about building.
 *
 * @param order ids of components, or of parts, from the bottom up, as often as they come; empty for the recipe's order
 * @param sheetLayers how many layers of sheets, 1 to 8, or null to let height and sheets decide
 * @param sheetLongMm, sheetShortMm the cook's own sheets, or null for the usual size
 * @param fit how another pan than the recipe's is met: "amounts" keeps the amounts, "area" keeps the depth, "volume" fills it as full
 */
public record BuildChoice(
        List<String> order,
        @Nullable Integer sheetLayers,
        @Nullable Double sheetLongMm,
        @Nullable Double sheetShortMm,
        String fit) {
    private static final BuildChoice USUAL = new BuildChoice(List.of(), null, null, null, "amounts");
    private static final Pattern COMPONENT = Pattern.compile("c\\d{1,4}");
    private static final int MOST_PLACES = 40;
    private static final int MOST_LAYERS = 8;

    /** @throws WrongValueException for more layers than stand in any dish, an id that is neither a component's nor a part's, or an unknown fit */
    public BuildChoice {
        order = order == null ? List.of() : List.copyOf(order);
        fit = fit == null ? "amounts" : fit;
        if (order.size() > MOST_PLACES || sheetLayers != null && (sheetLayers < 1 || sheetLayers > MOST_LAYERS)) {
            throw new WrongValueException(Messages.say("build.there-must-be-at-most-40"));
        }
        order.stream().filter(id -> !COMPONENT.matcher(id).matches()).forEach(Part::ofId);
        if (!List.of("amounts", "area", "volume").contains(fit)) {
            throw new WrongValueException(Messages.say("build.the-fit-must-be-amounts-area", fit));
        }
        if ((sheetLongMm == null) != (sheetShortMm == null)) {
            throw new WrongValueException(Messages.say("build.a-sheet-has-two-sides-give"));
        }
    }

    public static BuildChoice usual() {
        return USUAL;
    }
}
