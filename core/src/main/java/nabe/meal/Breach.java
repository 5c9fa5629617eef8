package nabe.meal;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import nabe.larder.Allergen;

/**
 * A moment at which something gets where it must not be.
 *
 * @param task the strict one that is reached; {@code tool} what carries it there
 * @param from the task it comes from; {@code mend} what would help, in words; {@code ways} each as one touch
 */
public record Breach(
        LocalDateTime at, String task, String tool, Allergen allergen, String from, String mend, List<Way> ways) {

    /** How it can be mended. */
    public enum Way {
        /** Hands, worktop and tools are washed before the strict task. */
        WASH,
        /** The strict task comes before the other. */
        FIRST,
        /** The strict food gets a tool of its own. */
        OWN_TOOL,
        /** The strict dish is covered in the oven. */
        COVER;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
