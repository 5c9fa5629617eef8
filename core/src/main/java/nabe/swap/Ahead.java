package nabe.swap;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Locale;
import nabe.words.Messages;

/**
 * How long before the dish is built something may be done.
 *
 * @param days 1 to 3
 * @param kept how until then
 */
public record Ahead(int days, Way kept) {
    /** How something is kept. */
    public enum Way {
        FRIDGE,
        WRAPPED,
        PAPER,
        BOX,
        COOLED;

        /** @throws IllegalArgumentException when there is no such way */
        @JsonCreator
        public static Way ofId(String id) {
            return valueOf(id.toUpperCase(Locale.ROOT));
        }
    }

    @JsonCreator
    public static Ahead of(@JsonProperty("days") int days, @JsonProperty("kept") Way kept) {
        return new Ahead(days, kept);
    }

    /** @return "2 days ahead, in the fridge" */
    public String words() {
        return Messages.say("swap.days-ahead", days, kept.name().toLowerCase(Locale.ROOT));
    }
}
