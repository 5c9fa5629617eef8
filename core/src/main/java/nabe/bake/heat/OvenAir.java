package nabe.bake.heat;

/**
 * How the oven gives its heat.
 *
 * @param fan whether a fan blows
 * @param preheated whether it is hot when the dish goes in
 * @param doors how often the door is opened, evenly over the bake
 * @param others how many other dishes share it
 * @param topShelf whether the dish stands high
 */
public record OvenAir(boolean fan, boolean preheated, int doors, int others, boolean topShelf) {
    public static final OvenAir USUAL = new OvenAir(false, true, 1, 0, false);
    /** W/(m² K), air moving by itself or by a fan: usual figures for free and forced convection in a box. */
    static final double FREE = 7;

    static final double FORCED = 17;
    private static final double HEATS_UP_SECONDS = 420;
    private static final double DOOR_DROP = 28;
    private static final double RECOVERS_SECONDS = 170;
    private static final double SHARED_DROP = 22;
    private static final double SHARED_SECONDS = 900;
    private static final double KITCHEN = 21;

    double convection() {
        return fan ? FORCED : FREE;
    }

    /**
     * @param seconds since the dish went in, {@code whole} of the time in the oven
     * @return °C of the air: heating up, dropping at each door opening, held down for a while by other cold dishes
     */
    double celsius(double seconds, double whole, double target) {
        double air = preheated ? target : KITCHEN + (target - KITCHEN) * (1 - Math.exp(-seconds / HEATS_UP_SECONDS));
        double since = seconds;
        double drop = preheated ? Math.exp(-since / RECOVERS_SECONDS) : 0;
        for (int i = 1; i <= doors; i++) {
            double opened = whole * i / (doors + 1);
            drop += seconds >= opened ? Math.exp(-(seconds - opened) / RECOVERS_SECONDS) : 0;
        }
        return air - DOOR_DROP * drop - SHARED_DROP * others * Math.exp(-seconds / SHARED_SECONDS);
    }
}
