package nabe.bake.heat;

/**
 * Boiling inside the food: held at 100 °C by evaporation. While part of the dish is cool most of the steam condenses there; the rest leaves,
 * or under a cover leaves its heat and drips back. Shares: kitchen practice.
 */
final class Steam {
    /** J/kg, evaporation near 100 °C. */
    static final double JOULES_PER_KG = 2.26e6;

    private static final double BOILS = 100;
    /** No cell rises from here to boiling before the next look. */
    private static final double NEARLY_BOILS = 96;

    private static final double COOL = 92;
    private static final double MOST_CONDENSES = 0.8;
    private static final double CONDENSES_PER_COOL = 1.3;
    private static final double COVER_LEAK = 0.1;
    private final Section section;
    private final Conduction heat;
    private double left;
    private double dripped;
    private double coolShare;
    private boolean boiling;
    private boolean thawing;

    Steam(Section section, Conduction heat) {
        this.section = section;
        this.heat = heat;
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
        coolShare = coolShare();
        boiling = hottest() > NEARLY_BOILS;
    }

    void boil(boolean covered) {
        if (!boiling) {
            return;
        }
        double condensing = Math.min(MOST_CONDENSES, CONDENSES_PER_COOL * coolShare);
        double leaving = (1 - condensing) * (covered ? COVER_LEAK : 1);
        double made = make(leaving);
        if (made > 0) {
            left += made * leaving;
            dripped += made * (1 - condensing - leaving) * JOULES_PER_KG;
            condense(made * condensing * JOULES_PER_KG);
        }
    }

    private double make(double leaving) {
        double[] t = heat.t;
        double made = 0;
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                if (t[i] > BOILS) {
                    made += boilAway(i, leaving);
                }
            }
        }
        return made;
    }

    /** @return kg of steam that this cell makes */
    private double boilAway(int i, double leaving) {
        double off = Math.min(
                heat.capacity[i] * (heat.t[i] - BOILS) / JOULES_PER_KG, section.water[i] / Math.max(0.01, leaving));
        heat.t[i] -= off * JOULES_PER_KG / heat.capacity[i];
        section.water[i] -= off * leaving;
        return off;
    }

    /** Steam warms every cool cell alike. */
    private void condense(double joules) {
        double[] t = heat.t;
        double capacity = coolCapacity(t);
        if (capacity <= 0) {
            dripped += joules;
            return;
        }
        double rise = joules / capacity;
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                if (t[i] < COOL) {
                    t[i] = thawing
                            ? section.table(i).after(t[i], heat.capacity[i] * rise / section.volume[i])
                            : t[i] + rise;
                }
            }
        }
    }

    private double coolCapacity(double[] t) {
        double capacity = 0;
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                capacity += t[i] < COOL ? heat.capacity[i] : 0;
            }
        }
        return capacity;
    }

    private double coolShare() {
        int cool = 0;
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                cool += heat.t[i] < COOL ? 1 : 0;
            }
        }
        return (double) cool / ((section.nz - 1) * (section.nx - 1));
    }

    private double hottest() {
        double high = heat.t[0];
        for (double t : heat.t) {
            high = Math.max(high, t);
        }
        return high;
    }
}
