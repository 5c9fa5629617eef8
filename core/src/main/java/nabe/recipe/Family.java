package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.measure.Ids;

/** The kinds of layered bake, which decide the usual order of layers and how it bakes. */
public enum Family {
    LASAGNA("lasagna", "Lasagna"),
    GRATIN("gratin", "Gratin"),
    MOUSSAKA("moussaka", "Moussaka"),
    PASTA_BAKE("pasta-bake", "Pasta bake"),
    STUFFED_TUBES("stuffed-tubes", "Stuffed tubes"),
    ROLLED("rolled", "Rolled wraps"),
    POT_PIE("pot-pie", "Pot pie"),
    MASH_TOPPED("mash-topped", "Mash-topped pie"),
    STRATA("strata", "Strata"),
    BATTER("batter", "Batter bake"),
    CASSEROLE("casserole", "Casserole");

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
        return Ids.find(values(), Family::id, id, "kind of dish");
    }
}
