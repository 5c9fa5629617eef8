package nabe.measure;

import nabe.words.Messages;

/**
 * An oven or food temperature.
 *
 * @param celsius degrees Celsius, conventional (not fan) when it is an oven's
 */
public record Temperature(double celsius) {

    /** How much cooler a fan oven is set for the same bake. Kitchen practice: 20 °C (25-35 °F). */
    public static final double FAN_OFFSET_CELSIUS = 20;

    private static final double[] GAS_MARKS = {140, 150, 160, 180, 190, 200, 220, 230, 240, 260};

    /** @throws WrongValueException outside -40 to 350 °C, where no kitchen works */
    public Temperature {
        if (!(celsius >= -40 && celsius <= 350)) {
            throw new WrongValueException(Messages.say("measure.the-temperature-must-be-between-40", celsius));
        }
    }

    public static Temperature celsius(double degrees) {
        return new Temperature(degrees);
    }

    public static Temperature fahrenheit(double degrees) {
        return new Temperature((degrees - 32) / 1.8);
    }

    /**
     * A British gas oven's mark. Source: kitchen practice, the scale printed in cookery books.
     *
     * @param mark 1 to 10; parts of a mark count as the whole one below
     */
    public static Temperature gasMark(double mark) {
        if (!(mark >= 1 && mark <= GAS_MARKS.length)) {
            throw new WrongValueException(Messages.say("measure.the-gas-mark-must-be-to", mark));
        }
        return celsius(GAS_MARKS[(int) mark - 1]);
    }

    /** A fan oven's setting, as the conventional temperature that bakes alike. */
    public static Temperature fan(double celsius) {
        return new Temperature(celsius + FAN_OFFSET_CELSIUS);
    }

    public double fahrenheit() {
        return celsius * 1.8 + 32;
    }

    /** @return the nearest whole gas mark, 1 to 10; colder and hotter ovens get the end of the scale */
    public int nearestGasMark() {
        int best = 0;
        for (int i = 1; i < GAS_MARKS.length; i++) {
            best = Math.abs(GAS_MARKS[i] - celsius) < Math.abs(GAS_MARKS[best] - celsius) ? i : best;
        }
        return best + 1;
    }

    /** @return the dial setting of a fan oven for the same bake, rounded to 5 °C */
    public double fanSetting() {
        return new Temperature(celsius - FAN_OFFSET_CELSIUS).rounded(5).celsius;
    }

    /** @return what an oven's dial shows: a step of 25 °F stays as it is, all else goes to the nearest 5 °C */
    public Temperature onDial() {
        double steps = fahrenheit() / 25;
        return Math.abs(steps - Math.round(steps)) < 0.01 ? this : rounded(5);
    }

    /** Rounds to the nearest multiple of {@code step} °C. */
    public Temperature rounded(double step) {
        return new Temperature(Math.round(celsius / step) * step);
    }
}
