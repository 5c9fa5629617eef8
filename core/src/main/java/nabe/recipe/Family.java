package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.measure.Ids;
import nabe.words.Messages;

/** The kinds of layered bake, which decide the usual order of layers and how it bakes. */
public enum Family {
    LASAGNA("lasagna"),
    GRATIN("gratin"),
    MOUSSAKA("moussaka"),
    PASTA_BAKE("pasta-bake"),
    STUFFED_TUBES("stuffed-tubes"),
    ROLLED("rolled"),
    POT_PIE("pot-pie"),
    MASH_TOPPED("mash-topped"),
    STRATA("strata"),
    BATTER("batter"),
    CASSEROLE("casserole");

    private final String id;
    private final String title;

    Family(String id) {
        this.id = id;
        this.title = Messages.say("recipe.family-" + id);
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
