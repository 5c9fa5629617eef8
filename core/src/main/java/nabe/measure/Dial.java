package nabe.measure;

import nabe.words.Messages;

/** An oven's heat as its dial says it. */
public final class Dial {
    private static final int STEP = 5;
    private static final double EXACT = 0.05;

    private Dial() {}

    /**
     * @param warmer °C above the first setting, as the recipe has it
     * @return the next setting, °C: on a step of the dial where the first is on one, though the recipe counts in Fahrenheit
     */
    public static double warmed(double celsius, double warmer) {
        boolean onStep = Math.abs(celsius - step(celsius)) < EXACT;
        return onStep ? step(celsius + warmer) : celsius + warmer;
    }

    private static double step(double celsius) {
        return (double) Math.round(celsius / STEP) * STEP;
    }

    /** @return "190 °C", with Fahrenheit beside it where the recipe's heat is a step of that scale */
    public static String words(double celsius) {
        long five = Math.round(celsius / STEP) * STEP;
        return Math.abs(celsius - five) < EXACT
                ? Messages.say("measure.c", five)
                : Messages.say("measure.c-f", five, Math.round(celsius * 9 / 5 + 32));
    }
}
