package nabe.measure;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.words.Messages;

/** How amounts are shown: scales only, cups and spoons first, or scales with cups beside. */
public enum AmountStyle {
    METRIC("metric"),
    CUPS("cups"),
    BOTH("both");

    private final String id;

    AmountStyle(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** @throws IllegalArgumentException when no style has this id */
    @JsonCreator
    public static AmountStyle ofId(String id) {
        return Ids.find(values(), AmountStyle::id, id, Messages.say("measure.way-of-showing-amounts"));
    }
}
