package nabe.measure;

import nabe.words.Messages;

/**
 * A quantity as a recipe states it: one number or a range, without its unit.
 *
 * @param min the smaller end, zero or more
 * @param max the larger end, at least {@code min}; equal to it where the recipe gives one number
 */
public record Amount(double min, double max) {

    /** @throws WrongValueException when an end is negative, not finite, or the ends are out of order */
    public Amount {
        if (!(min >= 0) || !(max >= min) || Double.isInfinite(max)) {
            throw new WrongValueException(Messages.say("measure.the-amount-to-must-run-from", min, max));
        }
    }

    /** One number: both ends the same. */
    public static Amount of(double value) {
        return new Amount(value, value);
    }

    /** @return the middle of the range, what arithmetic goes on with */
    public double mid() {
        return (min + max) / 2;
    }

    /** @param factor zero or more */
    public Amount times(double factor) {
        return new Amount(min * factor, max * factor);
    }

    /** Adds end to end: 1-2 plus 3 is 4-5. */
    public Amount plus(Amount other) {
        return new Amount(min + other.min, max + other.max);
    }
}
