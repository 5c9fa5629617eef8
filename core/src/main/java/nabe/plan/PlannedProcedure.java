package nabe.plan;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import nabe.recipe.Procedure.Beside;
import nabe.recipe.Procedure.GoesIn;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.Placement;
import org.jspecify.annotations.Nullable;

/**
 * The recipe's procedure with the swaps in their places.
 *
 * @param components pots and bowls in the order they are made
 * @param layers bottom to top, as the recipe lays them
 * @param oven the bake as the recipe says it
 */
public record PlannedProcedure(
        List<Pot> components,
        List<Placement> layers,
        List<Beside> beside,
        List<OvenPhase> oven,
        @Nullable Minutes rest,
        @Nullable GoesIn goesIn) {

    /** @param of what is in it, by weight; {@code steps} what is done there */
    public record Pot(String id, String name, Kind kind, List<Constituent> of, List<Work> steps) {}

    /**
     * An ingredient with its grams, or a share of another component.
     *
     * @param ingredient larder id, null where it is not known; {@code item} what the cook reads; {@code grams} raw weight
     * @param component another pot's id; {@code share} of it, 0 to 1
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Constituent(
            @Nullable String ingredient,
            @Nullable String item,
            @Nullable Double grams,
            @Nullable String component,
            @Nullable Double share) {}

    /**
     * One action.
     *
     * @param words the cook's own clause where nothing changed, else as it reads now
     * @param changed whether it does; {@code why} the reason, null where nothing changed
     */
    public record Work(
            String id,
            String action,
            String words,
            int sentence,
            List<Constituent> uses,
            @Nullable String tool,
            @Nullable String heat,
            @Nullable Boolean covered,
            @Nullable Double celsius,
            @Nullable Minutes minutes,
            @Nullable String until,
            boolean changed,
            @Nullable String why) {}
}
