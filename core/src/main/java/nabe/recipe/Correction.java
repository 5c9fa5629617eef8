package nabe.recipe;

import java.util.Objects;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/**
 * What a cook says otherwise about a procedure. It names things by their words, never by a number of this reading, so it
 * survives an edited text; what it speaks of is then perhaps gone, and it is told so.
 */
public sealed interface Correction {

    /** A line goes whole into another component. {@code line} its text, {@code component} that one's key. */
    record Move(String line, String component) implements Correction {
        public Move {
            Objects.requireNonNull(line);
            Objects.requireNonNull(component);
        }
    }

    /** A component is called something else. */
    record Rename(String component, String name) implements Correction {
        /** @throws WrongValueException when the name is blank or longer than 60 characters */
        public Rename {
            if (name.isBlank() || name.length() > 60) {
                throw new WrongValueException(Messages.say("recipe.give-the-pot-a-name-of"));
            }
        }
    }

    /** How much of a component lies in one of its layers; {@code layer} counts from the bottom, 0 the first of that component. */
    record Share(String component, int layer, double share) implements Correction {
        /** @throws WrongValueException when the share is not between 0 and 1 */
        public Share {
            if (!(share >= 0 && share <= 1)) {
                throw new WrongValueException(Messages.say("recipe.a-share-is-between-nothing-and"));
            }
        }
    }

    /** A layer lies {@code by} places higher, or lower when it is negative. */
    record Lift(String component, int layer, int by) implements Correction {}

    /** In how many layers a component lies, evenly. */
    record Count(String component, int layers) implements Correction {
        /** @throws WrongValueException when there are not 1 to 12 */
        public Count {
            if (layers < 1 || layers > 12) {
                throw new WrongValueException(Messages.say("recipe.a-pot-lies-in-to-12"));
            }
        }
    }

    /** A phase of the bake is covered or not; {@code phase} counts from 0. */
    record Cover(int phase, boolean covered) implements Correction {}
}
