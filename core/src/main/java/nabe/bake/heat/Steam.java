package nabe.bake.heat;

import nabe.larder.Figures;

/**
 * Boiling inside the food: held at 100 °C by evaporation. In an open layer steam goes up, inward and a little down to the nearest cooler food
 * and condenses there, as far as the way is open; the rest leaves, or under a cover gives its heat to it and drips back. In a dense layer it
 * only leaves. Shares: kitchen practice.
 */
final class Steam {
    /** J/kg, evaporation near 100 °C. */
    static final double JOULES_PER_KG = 2.26e6;

    private static final double BOILS = 100;
    /** No cell rises from here to boiling before the next look. */
    private static final double NEARLY_BOILS = 96;

    /** Food that still takes up steam. */
    static final double COOL = 92;

    private static final double MOST_CONDENSES = Figures.of("bake.steam-condenses");

    private static final double UP = Figures.of("bake.steam-up");
    private static final double INWARD = Figures.of("bake.steam-inward");
    private static final double DOWN = Figures.of("bake.steam-down");
    private static final double COVER_LEAK = Figures.of("bake.cover-leaks");
    private final Section section;
    private final Conduction heat;
    private double left;
    private double dripped;
    private final Cooler cooler;
    private boolean boiling;
    private boolean thawing;

    Steam(Section section, Conduction heat) {
        this.section = section;
        this.heat = heat;
        cooler = new Cooler(section, heat);
    }

    /** kg gone out of the dish. */
    double left() {
        return left;
    }

    /** J given to the cover or to the air without loss of water. */
    double dripped() {
        return dripped;
    }

    void leaves(double kg) {
        left += kg;
    }

    void look(boolean thawing) {
        this.thawing = thawing;
        boiling = hottest() > NEARLY_BOILS;
    }

    void boil(boolean covered) {
        if (!boiling) {
            return;
        }
        double leak = covered ? COVER_LEAK : 1;
        double[] t = heat.t;
        cooler.begin();
        for (int z = 1; z < section.nz; z++) {
            cooler.row();
            for (int x = 0; x < section.nx - 1; x++) {
                int i = z * section.nx + x;
                if (t[i] > BOILS) {
                    boilAway(z, x, leak);
                } else if (t[i] < COOL) {
                    cooler.passed(z, x);
                }
            }
        }
    }

    private void boilAway(int z, int x, double leak) {
        int i = z * section.nx + x;
        double off = Math.min(
                heat.capacity[i] * (heat.t[i] - BOILS) / JOULES_PER_KG, section.water[i] / Math.max(0.01, leak));
        double joules = off * JOULES_PER_KG;
        heat.t[i] -= joules / heat.capacity[i];
        double taken = wander(z, x, joules * MOST_CONDENSES * section.open(z));
        double gone = off * (1 - taken / Math.max(1e-12, joules)) * leak;
        section.water[i] -= gone;
        left += gone;
        dripped += joules - taken - gone * JOULES_PER_KG;
    }

    /** @return J of these that condensed on the nearest cool food each way, as far as the way is open */
    private double wander(int z, int x, double joules) {
        return joules <= 0
                ? 0
                : go(z, cooler.above(z, x), x, UP * joules)
                        + go(z, z, cooler.inward(z, x), INWARD * joules)
                        + go(z, cooler.below(x), x, DOWN * joules);
    }

    private double go(int fromZ, int z, int x, double joules) {
        double way = z < 1 || x < 0 ? 0 : section.way(fromZ, z);
        return way <= 0 ? 0 : warm(z * section.nx + x, joules * way);
    }

    private double warm(int i, double joules) {
        double most = thawing
                ? section.volume[i] * (section.enthalpy(i, COOL) - section.enthalpy(i, heat.t[i]))
                : heat.capacity[i] * (COOL - heat.t[i]);
        double taken = Math.min(joules, most);
        heat.t[i] = thawing
                ? section.table(i).after(heat.t[i], taken / section.volume[i])
                : heat.t[i] + taken / heat.capacity[i];
        return taken;
    }

    private double hottest() {
        double high = heat.t[0];
        for (double t : heat.t) {
            high = Math.max(high, t);
        }
        return high;
    }
}
