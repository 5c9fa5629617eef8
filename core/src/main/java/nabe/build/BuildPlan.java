package nabe.build;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The dish put together.
 *
 * @param layers bottom to top
 * @param heightMm of the stack in this dish
 * @param headroomMm from its top to the rim
 * @param overflow what goes to a second dish, or null when all fits
 * @param sheets how the sheets come out, or null when there are none
 */
public record BuildPlan(Pan pan, List<Layer> layers, double heightMm, double headroomMm, @Nullable Overflow overflow,
        @Nullable Sheets sheets) {

    /**
     * @param perLayer sheets that cover the pan once, {@code layers} how many times
     * @param needed in all, {@code have} by the recipe; {@code spare} to have at hand for breakage
     */
    public record Sheets(String item, int perLayer, int layers, int needed, int have, int spare) {
    }
}
