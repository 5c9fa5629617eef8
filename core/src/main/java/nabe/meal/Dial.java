package nabe.meal;

/** An oven's heat as its dial says it. */
final class Dial {
    private static final double NEAR = 0.2;
    private static final int STEP = 5;
    private static final int STEP_FAHRENHEIT = 25;

    private Dial() {}

    /** @return "190 °C", or "375 °F (190 °C)" where the recipe thinks in the other scale */
    static String words(double celsius) {
        long five = Math.round(celsius / STEP) * STEP;
        double fahrenheit = celsius * 9 / 5 + 32;
        boolean thought =
                Math.abs(fahrenheit / STEP_FAHRENHEIT - Math.round(fahrenheit / STEP_FAHRENHEIT)) * STEP_FAHRENHEIT
                                < NEAR
                        && Math.abs(celsius - five) > NEAR;
        return thought ? Math.round(fahrenheit) + " °F (" + five + " °C)" : five + " °C";
    }
}
