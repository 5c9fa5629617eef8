package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.measure.Ids;
import nabe.words.Messages;

/** The parts of a layered bake. The same ingredient does different work in different parts. */
public enum Part {
    STRUCTURE("structure"),
    FILLING("filling"),
    RED_SAUCE("red-sauce"),
    WHITE_SAUCE("white-sauce"),
    SOFT_CHEESE("soft-cheese"),
    MELTING_CHEESE("melting-cheese"),
    HARD_CHEESE("hard-cheese"),
    TOPPING("topping"),
    BINDER("binder"),
    SEASONING("seasoning"),
    PAN_RELEASE("pan-release");

    private final String id;
    private final String title;

    Part(String id) {
        this.id = id;
        this.title = Messages.say("recipe.part-" + id);
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** @return what the cook reads */
    public String title() {
        return title;
    }

    /** @throws IllegalArgumentException when no part has this id */
    @JsonCreator
    public static Part ofId(String id) {
        return Ids.find(values(), Part::id, id, Messages.say("recipe.part-of-the-dish"));
    }
}
