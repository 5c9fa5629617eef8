package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.measure.Ids;
import nabe.words.Messages;

/** The kinds of layered bake, which decide the usual order of layers and how it bakes. */
public enum Family {
    LASAGNA("lasagna", Messages.say("recipe.lasagna")),
    GRATIN("gratin", Messages.say("recipe.gratin")),
    MOUSSAKA("moussaka", Messages.say("recipe.moussaka")),
    PASTA_BAKE("pasta-bake", Messages.say("recipe.pasta-bake")),
    STUFFED_TUBES("stuffed-tubes", Messages.say("recipe.stuffed-tubes")),
    ROLLED("rolled", Messages.say("recipe.rolled-wraps")),
    POT_PIE("pot-pie", Messages.say("recipe.pot-pie")),
    MASH_TOPPED("mash-topped", Messages.say("recipe.mash-topped-pie")),
    STRATA("strata", Messages.say("recipe.strata")),
    BATTER("batter", Messages.say("recipe.batter-bake")),
    CASSEROLE("casserole", Messages.say("recipe.casserole"));

    private final String id;
    private final String title;

    Family(String id, String title) {
        this.id = id;
        this.title = title;
    }

    @JsonValue
    public String id() {
        return id;
    }

    public String title() {
        return title;
    }

    /** @throws IllegalArgumentException when no family has this id */
    @JsonCreator
    public static Family ofId(String id) {
        return Ids.find(values(), Family::id, id, Messages.say("recipe.kind-of-dish"));
    }
}
