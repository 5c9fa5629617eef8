package nabe.bake.heat;

import nabe.larder.Figures;

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
    static final double FREE = Figures.of("bake.air-free");

    static final double FORCED = Figures.of("bake.air-forced");
    private static final double HEATS_UP_SECONDS = Figures.of("bake.oven-heats-up");
    private static final double DOOR_DROP = Figures.of("bake.door-drop");
    private static final double RECOVERS_SECONDS = Figures.of("bake.door-recovers");
    private static final double SHARED_DROP = Figures.of("bake.shared-drop");
    private static final double SHARED_SECONDS = Figures.of("bake.shared-recovers");
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
