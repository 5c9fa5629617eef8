package nabe.build.lay;

import nabe.measure.WrongValueException;
import nabe.words.Messages;

/**
 * One sheet as it is laid, in millimetres.
 *
 * @param longMm its longer side, {@code shortMm} its shorter
 */
public record Sheet(double longMm, double shortMm) {
    private static final double SMALLEST = 40;
    private static final double LARGEST = 500;

    /** @throws WrongValueException for a sheet nobody makes */
    public Sheet {
        if (!(shortMm >= SMALLEST && longMm >= shortMm && longMm <= LARGEST)) {
            throw new WrongValueException(Messages.say("build.a-sheets-sides-mm-must-be", longMm, shortMm));
        }
    }

    double area() {
        return longMm * shortMm;
    }
}
