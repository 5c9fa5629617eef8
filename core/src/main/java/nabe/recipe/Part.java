package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.measure.Ids;
import nabe.words.Messages;

/** The parts of a layered bake. The same ingredient does different work in different parts. */
public enum Part {
    STRUCTURE("structure", Messages.say("recipe.structure")),
    FILLING("filling", Messages.say("recipe.filling")),
    RED_SAUCE("red-sauce", Messages.say("recipe.red-sauce")),
    WHITE_SAUCE("white-sauce", Messages.say("recipe.white-sauce")),
    SOFT_CHEESE("soft-cheese", Messages.say("recipe.soft-cheese")),
    MELTING_CHEESE("melting-cheese", Messages.say("recipe.melting-cheese")),
    HARD_CHEESE("hard-cheese", Messages.say("recipe.hard-cheese")),
    TOPPING("topping", Messages.say("recipe.topping")),
    BINDER("binder", Messages.say("recipe.binder")),
    SEASONING("seasoning", Messages.say("recipe.seasoning")),
    PAN_RELEASE("pan-release", Messages.say("recipe.pan-release"));

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
        return Ids.find(values(), Part::id, id, Messages.say("recipe.part-of-the-dish"));
    }
}
