package nabe.meal;

/** An oven's heat as its dial says it. */
final class Dial {
    private static final int STEP = 5;
    private static final double EXACT = 0.05;

    private Dial() {}

    /** @return "190 °C", with Fahrenheit beside it where the recipe's heat is a step of that scale */
    static String words(double celsius) {
        long five = Math.round(celsius / STEP) * STEP;
        return Math.abs(celsius - five) < EXACT
                ? five + " °C"
                : five + " °C (" + Math.round(celsius * 9 / 5 + 32) + " °F)";
    }
}
