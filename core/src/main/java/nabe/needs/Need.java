package nabe.needs;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Origin;
import nabe.measure.Ids;

/**
 * What a person who eats cannot have, by its usual name. Gluten-free shuts out oats too until a certified packet is
 * chosen by hand. Nut-free means tree nuts and peanuts. Dairy-free is not egg-free.
 */
public enum Need {
    GLUTEN_FREE("gluten-free", EnumSet.of(Allergen.WHEAT, Allergen.BARLEY, Allergen.RYE, Allergen.OATS)),
    DAIRY_FREE("dairy-free", EnumSet.of(Allergen.MILK)),
    VEGAN("vegan", EnumSet.of(Allergen.MILK, Allergen.EGG, Allergen.FISH, Allergen.CRUSTACEAN, Allergen.MOLLUSC)),
    VEGETARIAN("vegetarian", EnumSet.of(Allergen.FISH, Allergen.CRUSTACEAN, Allergen.MOLLUSC)),
    EGG_FREE("egg-free", EnumSet.of(Allergen.EGG)),
    NUT_FREE("nut-free", nuts()),
    SOY_FREE("soy-free", EnumSet.of(Allergen.SOY));

    private final String id;
    private final EnumSet<Allergen> forbids;

    Need(String id, EnumSet<Allergen> forbids) {
        this.id = id;
        this.forbids = forbids;
    }

    private static EnumSet<Allergen> nuts() {
        EnumSet<Allergen> nuts = EnumSet.copyOf(Allergen.TREE_NUTS);
        nuts.add(Allergen.PEANUT);
        return nuts;
    }

    @JsonValue
    public String id() {
        return id;
    }

    public Set<Allergen> forbids() {
        return Collections.unmodifiableSet(forbids);
    }

    void addForbidden(EnumSet<Allergen> to) {
        to.addAll(forbids);
    }

    public boolean forbids(Origin origin) {
        return this == VEGAN && !origin.isVegan() || this == VEGETARIAN && !origin.isVegetarian();
    }

    /** @return whether rennet, gelatine or animal finings matter to this need */
    public boolean mindsAnimalAids() {
        return this == VEGAN || this == VEGETARIAN;
    }

    /** @throws IllegalArgumentException when no need has this id */
    @JsonCreator
    public static Need ofId(String id) {
        return Ids.find(values(), Need::id, id, "need");
    }
}
