package nabe.measure;

/**
 * An oven or food temperature.
 *
 * @param celsius degrees Celsius, conventional (not fan) when it is an oven's
 */
public record Temperature(double celsius) {

    /** How much cooler a fan oven is set for the same bake. Kitchen practice: 20 °C (25-35 °F). */
    public static final double FAN_OFFSET_CELSIUS = 20;

    /** @throws IllegalArgumentException outside -40 to 350 °C, where no kitchen works */
    public Temperature {
        if (!(celsius >= -40 && celsius <= 350)) {
            throw new IllegalArgumentException("The temperature (" + celsius + " °C) must be between -40 and 350 °C.");
        }
    }

    public static Temperature celsius(double degrees) {
        return new Temperature(degrees);
    }

    public static Temperature fahrenheit(double degrees) {
        return new Temperature((degrees - 32) / 1.8);
    }

    /**
     * A British gas oven's mark: 1 is 140 °C, and from there 25 °F (13.9 °C) a mark. Marks below 1 (¼, ½) are 110 and
     * 120-130 °C. Source: kitchen practice, the scale printed in cookery books.
     *
     * @param mark 0.25, 0.5 or 1 to 10
     */
    public static Temperature gasMark(double mark) {
        if (!(mark >= 0.25 && mark <= 10)) {
            throw new IllegalArgumentException("The gas mark (" + mark + ") must be ¼, ½ or 1 to 10.");
        }
        double fahrenheit = mark >= 1 ? 250 + 25 * mark : 200 + 50 * mark + 12.5;
        return fahrenheit(fahrenheit).rounded(10);
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
        return (int) Math.clamp(Math.round((fahrenheit() - 250) / 25), 1L, 10L);
    }

    /** @return the dial setting of a fan oven for the same bake, rounded to 5 °C */
    public double fanSetting() {
        return new Temperature(celsius - FAN_OFFSET_CELSIUS).rounded(5).celsius;
    }

    /** Rounds to the nearest multiple of {@code step} °C. */
    public Temperature rounded(double step) {
        return new Temperature(Math.round(celsius / step) * step);
    }
}
