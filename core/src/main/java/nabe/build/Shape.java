package nabe.build;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/** A pan's outline from above. A square is a rectangle. */
public enum Shape {
    RECTANGLE,
    ROUND,
    OVAL;

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws WrongValueException when no shape has this id */
    @JsonCreator
    public static Shape ofId(String id) {
        try {
            return "square".equalsIgnoreCase(id) ? RECTANGLE : valueOf(id.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new WrongValueException(Messages.say("build.the-pans-shape-must-be-rectangle", id));
        }
    }
}
