package nabe.bake.heat;

import nabe.larder.Figures;

/**
 * The outermost third of a millimetre: wet it evaporates and stays cool, dry it can brown. Evaporation by the analogy of heat and mass
 * transfer (Lewis), held back by fat and film; its water comes up from below by diffusion. Figures: kitchen practice, set so that an open bake loses
 * the domain's 0.3 to 0.8 kg/m² in an hour.
 */
final class Skin {
    private static final double THICKNESS = Figures.of("bake.skin-thickness");
    private static final double FILM = Figures.of("bake.skin-water-left");
    /** J/(m³ K) of hot air, for the analogy. */
    private static final double AIR = 780;

    private static final double DRAWS_SAUCE = Figures.of("bake.skin-draws-sauce");

    private static final double DRAWS_SET = Figures.of("bake.skin-draws-set");
    private static final double WET = Figures.of("bake.skin-wet-above");

    private static final double FRESH = 0.7;
    private static final double VAPOUR = 461.5;
    /** kg/m² of water in it. */
    double water;
    /** W/(m² K) of convection on it, 0 under cover; the whole loss to the air. */
    double openness;

    double lossToAir;
    private double first;
    private double draws;

    Skin(HeatLayer layer) {
        first = Math.max(0.01, THICKNESS * layer.stuff().water() * layer.stuff().packed());
        water = first;
        draws = layer.drawsWater() ? DRAWS_SET + layer.open() * (DRAWS_SAUCE - DRAWS_SET) : DRAWS_SET;
    }

    /** What is laid on late is moist: its skin takes its water from the rest of it. */
    void moisten(Section section) {
        water += section.giveUp(Math.max(0, FRESH * first - water));
    }

    /** @return 0 dry to 1 wet */
    double wetness() {
        return Math.min(1, water / first / WET);
    }

    /** @return °C at the surface, between air and the middle of the top cell; what evaporates cools it */
    double surface(double airCelsius, double cellCelsius, double halfResistance) {
        if (lossToAir <= 0 || halfResistance <= 0) {
            return cellCelsius;
        }
        double inward = 1 / halfResistance;
        double dryAnswer = (lossToAir * airCelsius + inward * cellCelsius) / (lossToAir + inward);
        double cooled = (lossToAir * airCelsius + inward * cellCelsius - lastEvaporation * Steam.JOULES_PER_KG)
                / (lossToAir + inward);
        return wetness() > 0.05
                ? Math.min(
                        Math.max(cooled, Math.min(cellCelsius, 100)), wetness() >= 1 ? 100 : Math.max(100, dryAnswer))
                : dryAnswer;
    }

    private double lastEvaporation;

    /** Lets it dry and be wetted from below; @return kg/(m² s) that leave as steam. */
    double dry(double surfaceCelsius, Section section, double dt) {
        double wanted = openness <= 0 ? 0 : FILM * openness / AIR * wetness() * vapour(Math.min(surfaceCelsius, 100));
        double up = Math.max(0, draws / THICKNESS * (section.topWater() - water / THICKNESS));
        water += section.giveUp(Math.min(up * dt, Math.max(0, first - water)));
        double off = Math.min(wanted, water / dt);
        water -= off * dt;
        lastEvaporation = off;
        return off;
    }

    /** kg/m³ of saturated vapour; Magnus formula. */
    private static double vapour(double celsius) {
        double pressure = 610.94 * Math.exp(17.625 * celsius / (celsius + 243.04));
        return pressure / (VAPOUR * (celsius + 273.15));
    }
}
