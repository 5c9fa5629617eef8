package nabe.reading.grammar;

import java.util.List;

/**
 * A noun of a clause with what leads up to it: "half of the remaining sauce".
 *
 * @param lead what the word before makes of it; {@code direct} whether it follows its verb with nothing between
 * @param linked whether it is joined to the slot before it by a comma, "and" or "+"
 * @param fresh whether "then" stands before it: a new placement
 * @param from first token of the clause it takes; {@code to} one past its last
 */
public record Slot(Lead lead, boolean direct, boolean linked, boolean fresh, List<Token> tokens, int from, int to) {
    Slot with(Lead other) {
        return new Slot(other, direct, linked, fresh, tokens, from, to);
    }

    /** How a noun stands to its verb. */
    public enum Lead {
        /** The object: "stir the rice". */
        NONE,
        /** "with the egg". */
        WITH,
        /** "into the dish", "to the pan". */
        INTO,
        /** "in a bowl". */
        IN,
        /** "over the sheets", "round the sausages". */
        OVER,
        /** "from the jug". */
        FROM
    }
}
