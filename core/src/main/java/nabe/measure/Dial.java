package nabe.measure;

import nabe.words.Messages;

/** An oven's heat as its dial says it. */
public final class Dial {
    private static final int STEP = 5;
    private static final double EXACT = 0.05;

    private Dial() {}

    /** @return "190 °C", with Fahrenheit beside it where the recipe's heat is a step of that scale */
    public static String words(double celsius) {
        long five = Math.round(celsius / STEP) * STEP;
        return Math.abs(celsius - five) < EXACT
                ? Messages.say("measure.c", five)
                : Messages.say("measure.c-f", five, Math.round(celsius * 9 / 5 + 32));
    }
}
