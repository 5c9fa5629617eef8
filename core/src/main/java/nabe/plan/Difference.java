package nabe.plan;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Map;
import nabe.bake.OvenChoice;
import org.jspecify.annotations.Nullable;

/**
 * One thing in which the plan departs from the recipe.
 *
 * @param what is different, {@code why}
 * @param asWritten what the cook would choose to have it as the recipe says, or null where that is not safe or not possible
 */
public record Difference(
        Kind kind, String what, String why, @Nullable AsWritten asWritten) {

    /** @param schools answers to set for this dish, {@code phases} of the bake to set, or null for neither */
    public record AsWritten(@Nullable Map<String, String> schools, OvenChoice.@Nullable OwnPhases phases) {}

    /** What differs. */
    public enum Kind {
        SWAP,
        LEFT_OUT,
        STEP,
        LAYERS,
        PAN,
        BAKE;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
