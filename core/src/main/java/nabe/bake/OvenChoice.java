package nabe.bake;

/**
 * What the cook says of the oven.
 *
 * @param celsius the wanted temperature as the dial shows it, or null for the recipe's or the usual
 * @param fan whether the dial belongs to a fan oven
 */
public record OvenChoice(Double celsius, boolean fan, Start start) {
    private static final double COOLEST = 100;
    private static final double HOTTEST = 290;

    /** @throws IllegalArgumentException outside 100 to 290 °C, where nothing bakes */
    public OvenChoice {
        if (celsius != null && !(celsius >= COOLEST && celsius <= HOTTEST)) {
            throw new IllegalArgumentException("The oven temperature (" + celsius + " °C) must be between 100 and 290 °C. "
                    + "Maybe it was meant in Fahrenheit: 350 °F is 175 °C.");
        }
        start = start == null ? Start.ROOM : start;
    }

    public static OvenChoice usual() {
        return new OvenChoice(null, false, Start.ROOM);
    }
}
