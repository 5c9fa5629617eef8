package nabe.build;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/**
 * What a pan is made of. The factor is how long a bake takes in it against glass = 1.
 * Source: kitchen practice (metal heats quicker than glass, thick ceramic slowest).
 */
public enum Material {
    GLASS("glass", 1.0),
    CERAMIC("ceramic", 1.08),
    ENAMEL(Messages.say("build.enamelled-steel"), 0.95),
    METAL("metal", 0.92),
    CAST_IRON(Messages.say("build.cast-iron"), 1.02),
    /** Nobody said: planned as the slowest, and warned of as the most brittle. */
    UNKNOWN(Messages.say("build.a-dish-of-unknown-material"), 1.08);

    private final String word;
    private final double timeFactor;

    Material(String word, double timeFactor) {
        this.word = word;
        this.timeFactor = timeFactor;
    }

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @return the word a cook reads */
    public String word() {
        return word;
    }

    public double timeFactor() {
        return timeFactor;
    }

    /** @return whether heat shock can break it, or nobody knows; under a grill, cold into heat, or cold batter into it hot */
    public boolean mayShatter() {
        return this == GLASS || this == CERAMIC || this == UNKNOWN;
    }

    /** @throws WrongValueException when no material has this id */
    @JsonCreator
    public static Material ofId(String id) {
        String plain = id.toLowerCase(Locale.ROOT).replace(' ', '-');
        for (Material material : values()) {
            if (material.id().equals(plain) || material.word.equals(id)) {
                return material;
            }
        }
        if (plain.matches("borosilicate.*")) {
            return GLASS;
        }
        if (plain.matches("(stoneware|earthenware|porcelain|clay|terracotta)")) {
            return CERAMIC;
        }
        if (plain.matches(
                "(aluminium|aluminum|steel|stainless-steel|tin|foil|thin-metal|enamel-steel|enamelled-steel)")) {
            return plain.startsWith("enamel") ? ENAMEL : METAL;
        }
        throw new WrongValueException(Messages.say("build.the-pans-material-must-be-glass", id));
    }
}
