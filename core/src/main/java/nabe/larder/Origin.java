package nabe.larder;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** Where an ingredient comes from, which decides vegan and vegetarian whatever its allergens are. */
public enum Origin {
    PLANT,
    DAIRY,
    EGG,
    MEAT,
    FISH,
    HONEY,
    ANIMAL,
    MINERAL;

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws IllegalArgumentException when no origin has this id */
    @JsonCreator
    public static Origin ofId(String id) {
        return valueOf(id.toUpperCase(Locale.ROOT));
    }

    public boolean isVegan() {
        return this == PLANT || this == MINERAL;
    }

    public boolean isVegetarian() {
        return this != MEAT && this != FISH && this != ANIMAL;
    }
}
