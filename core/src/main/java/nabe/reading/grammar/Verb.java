package nabe.reading.grammar;

/**
 * An action of the kitchen.
 *
 * @param base the verb as a cook says it ("fry"); {@code noun} whether the word is a thing as well ("butter")
 */
public record Verb(String base, Effect effect, boolean noun) {
    /** What a verb does; described at the head of actions.csv. */
    public enum Effect {
        HEAT,
        START,
        MIX,
        JOIN,
        PREP,
        DRAW,
        KEEP,
        AWAY,
        PLACE,
        INSIDE,
        ROLL,
        GREASE,
        BAKE,
        GRILL,
        COVER,
        UNCOVER,
        REST,
        REPEAT,
        SERVE,
        FREEZE,
        LET,
        PASS
    }

    /** How a verb is written. */
    public enum Form {
        BASE,
        THIRD,
        ING,
        PAST
    }

    /** A verb in one of its forms. */
    public record Spoken(Verb verb, Form form) {}
}
