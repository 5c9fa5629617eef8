package nabe.bake;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** How warm the dish goes into the oven. */
public enum Start {
    /** Assembled with hot sauces. */
    HOT, ROOM, FRIDGE, FROZEN;

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws IllegalArgumentException when no start has this id */
    @JsonCreator
    public static Start ofId(String id) {
        try {
            return valueOf(id.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("The start (" + id + ") must be hot, room, fridge or frozen.");
        }
    }
}
