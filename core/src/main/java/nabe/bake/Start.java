package nabe.bake;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/** How warm the dish goes into the oven. */
public enum Start {
    /** Assembled with hot sauces; room: with sauces gone lukewarm. Temperatures: kitchen practice. */
    HOT(60),
    ROOM(25),
    FRIDGE(4),
    FROZEN(-18);

    private final double celsius;

    Start(double celsius) {
        this.celsius = celsius;
    }

    /** @return what the dish has all through when it goes in */
    public double celsius() {
        return celsius;
    }

    /** @return "from the fridge" */
    String words() {
        return switch (this) {
            case HOT -> Messages.say("bake.hot");
            case ROOM -> Messages.say("bake.at-room-temperature");
            case FRIDGE -> Messages.say("bake.from-the-fridge");
            case FROZEN -> Messages.say("bake.frozen");
        };
    }

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws WrongValueException when no start has this id */
    @JsonCreator
    public static Start ofId(String id) {
        try {
            return valueOf(id.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new WrongValueException(Messages.say("bake.the-start-must-be-hot-room", id));
        }
    }
}
