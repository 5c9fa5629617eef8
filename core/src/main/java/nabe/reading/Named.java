package nabe.reading;

import java.util.List;
import nabe.reading.grammar.Slot;
import org.jspecify.annotations.Nullable;

/**
 * What a noun means.
 *
 * @param lines ingredient lines it means, where it is food as bought; {@code pot} the pot, where it is something made
 * @param each whether it is said of each of many
 */
record Named(Kind kind, List<Integer> lines, @Nullable Pot pot, Portion portion, boolean each, Slot slot) {
    /** What a noun can be. */
    enum Kind {
        LINES,
        POT,
        /** "it", "them", "everything". */
        PRONOUN,
        DISH,
        /** A pan on the stove, another or the one that is there. */
        PAN,
        BOWL,
        TRAY,
        LID,
        /** Nothing that is known. */
        UNKNOWN
    }

    /** @return the same with so much of it meant */
    Named taking(Portion other) {
        return new Named(kind, lines, pot, other, each, slot);
    }

    boolean is(Kind some) {
        return kind == some;
    }

    /** @return whether both are the same pot, or the same lines */
    boolean meansSame(Named other) {
        return pot != null ? pot == other.pot : lines.equals(other.lines);
    }

    boolean isFood() {
        return kind == Kind.LINES || kind == Kind.POT || kind == Kind.PRONOUN;
    }

    boolean isVessel() {
        return kind == Kind.DISH || kind == Kind.PAN || kind == Kind.BOWL || kind == Kind.TRAY;
    }

    Named as(Kind other) {
        return new Named(other, lines, pot, portion, each, slot);
    }
}
