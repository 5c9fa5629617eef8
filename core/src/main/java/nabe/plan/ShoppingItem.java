package nabe.plan;

import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import nabe.larder.Allergen;
import nabe.larder.Origin;
import org.jspecify.annotations.Nullable;

/**
 * One thing to have in the kitchen: all lines of one ingredient together.
 *
 * @param ingredient larder id, or null when Nabe does not know it
 * @param grams all of it, or null where no amount is given
 * @param origin null when unknown
 * @param label what to check on the packet, or null
 * @param buy how to buy it for these needs
 * @param swapped whether all of it stands for something else
 */
@RecordBuilder
public record ShoppingItem(
        String item,
        @Nullable String ingredient,
        @Nullable Double grams,
        String display,
        List<Allergen> allergens,
        @Nullable Origin origin,
        @Nullable String label,
        Buy buy,
        boolean swapped) {

    /** @return the same with more to buy than the recipe lists */
    ShoppingItem and(String more) {
        return ShoppingItemBuilder.builder(this).display(display + " + " + more).build();
    }

    /** What the packet has to say before it goes into the basket. */
    public enum Buy {
        /** Nothing known of the kind stands against it; the packet in the hand is read all the same. */
        ANY("any"),
        /** Some makers put in what a need shuts out. */
        READ_LABEL("read-label"),
        /** The kind is sometimes contaminated, and traces matter: only one whose packet claims it is free. */
        WITH_CLAIM("with-claim"),
        /** Nabe does not know it. */
        ASK("ask");

        private final String id;

        Buy(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }
}
