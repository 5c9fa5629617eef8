package nabe.bake.heat;

import nabe.larder.Figures;

/**
 * What a layer is made of, as mass fractions that add up to 1, and how densely it lies.
 *
 * @param packed kg/m³ as it lies, the air between pieces included
 */
public record Foodstuff(
        double water, double protein, double fat, double carbohydrate, double fibre, double ash, double packed) {
    private static final Substance[] SUBSTANCES = Substance.values();
    private static final double TOLERANCE = 1e-6;
    private static final double LOOSE_POWER = Figures.of("bake.loose-power");
    /** Where water in food begins to freeze, °C: sauces and meat -1 to -2 (ASHRAE Handbook, Refrigeration, thermal properties of foods). */
    static final double FREEZES_AT = -1.5;
    /** J/kg; latent heat of melting ice. */
    static final double MELTING = 333_600;
    /** Share of water that never freezes in food, of its solids' weight (ASHRAE, as above: about 0.4 of protein). */
    private static final double BOUND = 0.4;

    /** @throws IllegalArgumentException when the fractions do not add up to 1, or something weighs nothing */
    public Foodstuff {
        double sum = water + protein + fat + carbohydrate + fibre + ash;
        if (!(Math.abs(sum - 1) < TOLERANCE) || water < 0 || !(packed > 0)) {
            throw new IllegalArgumentException(
                    "The fractions (" + sum + ") must add up to 1, and the density (" + packed + ") be more than 0.");
        }
    }

    /** Water alone, for the known solutions. */
    public static Foodstuff ofWater() {
        return new Foodstuff(1, 0, 0, 0, 0, 0, 1000);
    }

    /** @return mass fraction of ice: Chen (1985), what water is above the bound part freezes as 1 - Tf/T */
    double ice(double celsius) {
        return celsius >= FREEZES_AT ? 0 : Math.max(0, water - BOUND * protein) * (1 - FREEZES_AT / celsius);
    }

    /** @return W/(m K) by volume fractions (Choi and Okos), less for air between pieces */
    double conductivity(double t) {
        double[] share = shares(t);
        double volume = 0;
        double k = 0;
        for (Substance s : SUBSTANCES) {
            double v = share[s.ordinal()] / s.density(t);
            volume += v;
            k += v * s.conductivity(t);
        }
        double solid = 1 / volume;
        return k / volume * Math.pow(Math.min(1, packed / solid), LOOSE_POWER);
    }

    /** @return J/(kg K), the melting of ice not counted */
    double sensible(double t) {
        double[] share = shares(t);
        double c = 0;
        for (Substance s : SUBSTANCES) {
            c += share[s.ordinal()] * s.heatCapacity(t);
        }
        return c;
    }

    private double[] shares(double t) {
        double ice = ice(t);
        return new double[] {water - ice, ice, protein, fat, carbohydrate, fibre, ash};
    }
}
