package nabe.build.lay;

import nabe.measure.WrongValueException;

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
            throw new WrongValueException(
                    "A sheet's sides (" + longMm + " × " + shortMm + " mm) must be between 40 and 500 mm, "
                            + "the longer one first. Maybe they were meant in centimetres: 18 cm is 180 mm.");
        }
    }

    double area() {
        return longMm * shortMm;
    }
}
