package nabe.bake;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One stretch of the bake.
 *
 * @param kind "bake", "grill" or "rest"
 * @param covered under foil (paper below it) or a lid
 * @param said what the recipe gives for it, or null; {@code asSaid} whether it lasts just that; {@code adds} what goes on when it begins; {@code stir} whether it is stirred
 * @param celsius oven temperature, conventional; null while resting
 * @param said what the recipe gives for it, or null; {@code asSaid} whether it lasts just that; {@code adds} what goes on when it begins; {@code stir} whether it is stirred
 * @param minutes how long, {@code reason} why
 */
@RecordBuilder
public record Phase(
        String kind,
        boolean covered,
        @Nullable Double celsius,
        int minutes,
        String reason,
        @Nullable String said,
        boolean asSaid,
        List<String> adds,
        boolean stir) {

    Phase(String kind, boolean covered, @Nullable Double celsius, int minutes, String reason) {
        this(kind, covered, celsius, minutes, reason, null, false, List.of(), false);
    }
}
