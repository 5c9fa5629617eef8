package nabe.larder;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import nabe.measure.Ids;

/**
 * The union of the two usual legal lists of allergens (EU 1169/2011 annex II and the US FALCPA with the FASTER Act), in
 * words; gluten grains and tree nuts each by name. Pine nuts and chestnuts stand with the tree nuts for caution.
 */
public enum Allergen {
    WHEAT("wheat"),
    BARLEY("barley"),
    RYE("rye"),
    OATS("oats"),
    MILK("milk"),
    EGG("egg"),
    SOY("soy"),
    PEANUT("peanut"),
    ALMOND("tree-nut:almond"),
    CASHEW("tree-nut:cashew"),
    HAZELNUT("tree-nut:hazelnut"),
    WALNUT("tree-nut:walnut"),
    PECAN("tree-nut:pecan"),
    BRAZIL("tree-nut:brazil"),
    PISTACHIO("tree-nut:pistachio"),
    MACADAMIA("tree-nut:macadamia"),
    CHESTNUT("tree-nut:chestnut"),
    PINE("tree-nut:pine"),
    SESAME("sesame"),
    FISH("fish"),
    CRUSTACEAN("crustacean"),
    MOLLUSC("mollusc"),
    MUSTARD("mustard"),
    CELERY("celery"),
    LUPIN("lupin"),
    SULPHITE("sulphite");

    /** The grains whose protein coeliac disease reacts to. Oats count unless certified; see {@code Needs}. */
    public static final Set<Allergen> GLUTEN = setOf(EnumSet.of(WHEAT, BARLEY, RYE));

    public static final Set<Allergen> TREE_NUTS = setOf(EnumSet.range(ALMOND, PINE));

    private final String id;

    Allergen(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** @return the word a cook reads: "almond", "milk" */
    public String word() {
        return id.substring(id.indexOf(':') + 1);
    }

    /** @throws IllegalArgumentException when no allergen has this id */
    @JsonCreator
    public static Allergen ofId(String id) {
        return Ids.find(values(), Allergen::id, id, "allergen");
    }

    /** @return an unmodifiable set in the order of this list, quick to ask */
    public static Set<Allergen> setOf(Collection<Allergen> some) {
        return some.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(some));
    }
}
