package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.measure.Ids;

/** The parts of a layered bake. The same ingredient does different work in different parts. */
public enum Part {
    STRUCTURE("structure", "Structure"),
    FILLING("filling", "Filling"),
    RED_SAUCE("red-sauce", "Red sauce"),
    WHITE_SAUCE("white-sauce", "White sauce"),
    SOFT_CHEESE("soft-cheese", "Soft cheese"),
    MELTING_CHEESE("melting-cheese", "Melting cheese"),
    HARD_CHEESE("hard-cheese", "Hard cheese"),
    TOPPING("topping", "Topping"),
    BINDER("binder", "Binder"),
    SEASONING("seasoning", "Seasoning"),
    PAN_RELEASE("pan-release", "Pan release");

    private final String id;
    private final String title;

    Part(String id, String title) {
        this.id = id;
        this.title = title;
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
        return Ids.find(values(), Part::id, id, "part of the dish");
    }
}
