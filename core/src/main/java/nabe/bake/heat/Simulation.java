package nabe.bake.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/**
 * Bakes a dish in its cross-section: conduction through layers and dish, convection and radiation from the oven, melting of ice, boiling held
 * at 100 °C by evaporation, a wet skin that dries and then browns. SI units inside; °C for temperatures. Deterministic.
 */
public final class Simulation {
    private static final double BOILS = 100;
    /** J/kg, evaporation near 100 °C. */
    static final double STEAM = 2.26e6;
    private static final double STEFAN_BOLTZMANN = 5.670e-8;
    private static final double KELVIN = 273.15;
    private static final double FOOD_EMISSIVITY = 0.9;
    private static final double FOIL_EMISSIVITY = 0.4;
    /** W/(m² K) across the steamy gap under foil. Kitchen practice, set so that covered dishes lag open ones as cooks find. */
    private static final double GAP = 60;
    /** W/m² that a grill throws on the top. Kitchen practice. */
    private static final double GRILL = 9_000;
    private static final double BASE_CONVECTION = 0.75;
    private static final double HIGH_SHELF = 1.12;
    private static final int PICTURE_MINUTES = 5;
    private static final double TRUE_UP = 1.5;
    private static final double THAWED = 2;
    /** J/(m³ K): more than any food without ice in it takes up. */
    private static final double MELTS = 4.5e6;
    /** No cell rises from here to boiling before the next look. */
    private static final double NEARLY_BOILS = 96;
    private static final double COOL = 92;
    private static final double MOST_CONDENSES = 0.8;
    private static final double COVER_LEAK = 0.1;
    /** Seconds between looks at how properties have changed. */
    private static final double LOOK_SECONDS = 40;
    private static final double FROZEN_LOOK_SECONDS = 10;
    private final HeatDish dish;
    private final Section section;
    private final Conduction heat;
    private final Skin skin;
    private final OvenAir air;
    private final Cooking cooking;
    private final double stepSeconds;
    private final double[] topHeat;
    private final double[] celsiusBefore;
    private final double[] celsiusLooked;
    private final double startCelsius;
    private final List<Heated.Sample> samples = new ArrayList<>();
    private final List<Heated.Picture> pictures = new ArrayList<>();
    private double taken;
    private double steamed;
    private double dropped;
    private double clock;
    private boolean toppingOn;
    private double ovenNow;
    private double coolShare;
    private boolean boiling;
    private boolean thawing;
    private boolean pictured;
    private Predicate<Heated.Sample> enough = sample -> false;

    /** @param nx, nz cells of food from the middle to the wall, and from base to top */
    public Simulation(HeatDish dish, OvenAir air, double startCelsius, int nx, int nz, double stepSeconds) {
        this(dish, new Section(dish, nx, nz), air, startCelsius, stepSeconds);
    }

    /** The same on a section already worked out. */
    public Simulation(HeatDish dish, Section section, OvenAir air, double startCelsius, double stepSeconds) {
        this.dish = dish;
        this.section = section;
        this.air = air;
        this.startCelsius = startCelsius;
        this.stepSeconds = stepSeconds;
        heat = new Conduction(section.nx, section.nz);
        Arrays.fill(heat.t, startCelsius);
        skin = new Skin(dish.layers().getLast());
        cooking = new Cooking(dish, section);
        topHeat = new double[section.nx];
        celsiusBefore = new double[section.nx * section.nz];
        celsiusLooked = new double[section.nx * section.nz];
    }

    /** Ends the bake at the first whole minute at which this holds. */
    public Simulation until(Predicate<Heated.Sample> enough) {
        this.enough = enough;
        return this;
    }

    /** @return the bake through all phases, one after the other */
    public Heated run(List<HeatPhase> phases) {
        section.reset();
        double inOven = phases.stream().filter(p -> !p.resting()).mapToDouble(HeatPhase::seconds).sum();
        double stored = stored();
        double water = section.waterNow() + skin.water * section.topArea();
        toppingOn = phases.isEmpty() || phases.getFirst().toppingOn();
        ovenNow = phases.isEmpty() ? startCelsius : air.celsius(0, inOven, phases.getFirst().celsius());
        sample();
        for (HeatPhase phase : phases) {
            layTopping(phase);
            run(phase, inOven);
        }
        trueUp();
        double found = stored() - stored + steamed * STEAM + dropped;
        double lost = water - section.waterNow() - skin.water * section.topArea() - steamed;
        return new Heated(List.copyOf(samples), List.copyOf(pictures), Math.abs(found - taken) / Math.max(1, Math.abs(taken) + Math.abs(dropped)), Math.abs(lost) / Math.max(1e-9, water));
    }

    /** What goes on late is cold when it does. */
    private void layTopping(HeatPhase phase) {
        if (phase.toppingOn() && !toppingOn) {
            trueUp();
            for (int z = 1; z < section.nz; z++) {
                if (section.isTopping(z)) {
                    for (int x = 0; x < section.nx - 1; x++) {
                        int i = z * section.nx + x;
                        double cold = Math.min(heat.t[i], Math.min(startCelsius, 20));
                        dropped += section.volume[i] * (section.enthalpy(i, heat.t[i]) - section.enthalpy(i, cold));
                        heat.t[i] = cold;
                    }
                }
            }
            System.arraycopy(heat.t, 0, celsiusLooked, 0, heat.t.length);
            skin.moisten(section);
            toppingOn = true;
        }
    }

    private void run(HeatPhase phase, double inOven) {
        double left = phase.seconds();
        double nextLook = 0;
        double nextSample = 60 * (Math.floor(clock / 60 + 1e-9) + 1) - clock;
        double gone = 0;
        double factored = 0;
        while (left > 1e-9 && !enough.test(samples.getLast())) {
            double dt = Math.min(stepSeconds, Math.min(left, Math.max(1e-6, nextSample - gone)));
            if (gone >= nextLook - 1e-9 || dt != factored) {
                look(phase, inOven);
                heat.factor(dt);
                factored = dt;
                nextLook = gone >= nextLook - 1e-9 ? gone + Math.max(thawing ? FROZEN_LOOK_SECONDS : LOOK_SECONDS, (thawing ? 2 : 4) * stepSeconds) : nextLook;
            }
            step(phase, dt);
            gone += dt;
            left -= dt;
            clock += dt;
            if (gone >= nextSample - 1e-9) {
                sample();
                nextSample += 60;
            }
        }
    }

    private void look(HeatPhase phase, double inOven) {
        ovenNow = phase.resting() ? phase.celsius() : air.celsius(clock, inOven, phase.celsius());
        trueUp();
        section.conductances(heat);
        System.arraycopy(heat.t, 0, celsiusLooked, 0, heat.t.length);
        double h = phase.resting() ? OvenAir.FREE * 0.8 : air.convection();
        boundaries(phase, h);
        coolShare = coolShare();
        thawing = section.freezes && coldest() < THAWED;
        boiling = hottest() > NEARLY_BOILS;
        if (!Double.isFinite(heat.t[0])) {
            throw new IllegalStateException("The heat forecast came to no number at " + clock + " s.");
        }
    }

    /** Heat capacities change on the way from one look to the next: puts right what that did to temperatures, so that no heat is lost. */
    private void trueUp() {
        if (thawing || clock == 0) {
            return;
        }
        for (int i = 0; i < heat.t.length; i++) {
            double moved = heat.t[i] - celsiusLooked[i];
            if (Math.abs(moved) > TRUE_UP) {
                double stray = section.enthalpy(i, heat.t[i]) - section.enthalpy(i, celsiusLooked[i]) - heat.capacity[i] / section.volume[i] * moved;
                heat.t[i] -= stray / section.table(i).capacity(heat.t[i]);
            }
        }
    }

    private void boundaries(HeatPhase phase, double h) {
        int last = (section.nz - 1) * section.nx;
        double shelf = air.topShelf() ? HIGH_SHELF : 1;
        double wallEmissivity = dish.wall().emissivity();
        for (int x = 0; x < section.nx; x++) {
            double area = section.rowArea[x];
            double wallTop = heat.t[last + x];
            double outside = h + shelf * FOOD_EMISSIVITY * radiation(ovenNow, wallTop);
            double covered = 1 / (1 / (h + FOIL_EMISSIVITY * radiation(ovenNow, wallTop)) + 1 / GAP);
            heat.topLoss[x] = area / (1 / (phase.covered() ? covered : outside) + section.halfTop(x, heat));
            heat.baseLoss[x] = area * (BASE_CONVECTION * h + wallEmissivity * radiation(ovenNow, heat.t[x])) * (phase.resting() ? 0.6 : 1);
        }
        for (int z = 0; z < section.nz; z++) {
            int i = z * section.nx + section.nx - 1;
            heat.sideLoss[z] = section.sideArea[z] * (h + wallEmissivity * radiation(ovenNow, heat.t[i]));
        }
        skin.openness = phase.covered() || phase.resting() ? 0 : h;
        skin.lossToAir = phase.covered() ? 0 : h + shelf * FOOD_EMISSIVITY * radiation(ovenNow, heat.t[last]);
    }

    /** W/(m² K) of radiation between surroundings and surface. */
    private static double radiation(double a, double b) {
        double ka = a + KELVIN;
        double kb = Math.max(b, -60) + KELVIN;
        return STEFAN_BOLTZMANN * (ka * ka + kb * kb) * (ka + kb);
    }

    private void step(HeatPhase phase, double dt) {
        int last = (section.nz - 1) * section.nx;
        double surface = skin.surface(ovenNow, heat.t[last], section.halfTop(0, heat));
        double evaporation = skin.dry(surface, section, dt);
        double latent = evaporation * STEAM;
        double grill = phase.grill() ? GRILL * FOOD_EMISSIVITY : 0;
        for (int x = 0; x < section.nx - 1; x++) {
            topHeat[x] = section.rowArea[x] * (grill - latent);
        }
        steamed += evaporation * section.topArea() * dt;
        if (thawing) {
            keep();
        }
        taken += heat.step(ovenNow, ovenNow, ovenNow, topHeat) + latent * section.topArea() * dt;
        if (thawing) {
            thaw();
        }
        if (boiling) {
            boil(phase);
        }
        cooking.advance(heat, surface, skin.wetness(), dt, toppingOn && !phase.covered());
    }

    /** Temperatures before the step. */
    private void keep() {
        for (int i = 0; i < heat.t.length; i++) {
            celsiusBefore[i] = heat.t[i];
        }
    }

    /** Where ice melts the step's heat is put into enthalpy and the temperature read back from it, so that none is lost. */
    private void thaw() {
        for (int z = 1; z < section.nz; z++) {
            for (int x = 0; x < section.nx - 1; x++) {
                int i = z * section.nx + x;
                double before = celsiusBefore[i];
                if (before < THAWED || heat.capacity[i] > MELTS * section.volume[i]) {
                    heat.t[i] = section.table(i).after(before, heat.capacity[i] * (heat.t[i] - before) / section.volume[i]);
                }
            }
        }
    }

    /**
     * Heat over 100 °C in a cell that still holds water makes steam. While part of the dish is cool most of it condenses there; the rest leaves,
     * or under a cover leaves its heat and drips back.
     */
    private void boil(HeatPhase phase) {
        double condensing = Math.min(MOST_CONDENSES, 1.3 * coolShare);
        double leaving = (1 - condensing) * (phase.covered() ? COVER_LEAK : 1);
        double[] t = heat.t;
        double off = 0;
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                if (t[i] > BOILS) {
                    off += boilAway(i, leaving);
                }
            }
        }
        if (off > 0) {
            steamed += off * leaving;
            dropped += off * (1 - condensing - leaving) * STEAM;
            condense(off * condensing * STEAM);
        }
    }

    /** @return kg of steam that this cell makes */
    private double boilAway(int i, double leaving) {
        double off = Math.min(heat.capacity[i] * (heat.t[i] - BOILS) / STEAM, section.water[i] / Math.max(0.01, leaving));
        heat.t[i] -= off * STEAM / heat.capacity[i];
        section.water[i] -= off * leaving;
        return off;
    }

    /** Steam warms every cool cell alike. */
    private void condense(double joules) {
        double[] t = heat.t;
        double capacity = coolCapacity(t);
        if (capacity <= 0) {
            dropped += joules;
            return;
        }
        double rise = joules / capacity;
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                if (t[i] < COOL) {
                    t[i] = thawing ? section.table(i).after(t[i], heat.capacity[i] * rise / section.volume[i]) : t[i] + rise;
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
        int all = 0;
        for (int z = 1; z < section.nz; z++) {
            for (int x = 0; x < section.nx - 1; x++) {
                all++;
                cool += heat.t[z * section.nx + x] < COOL ? 1 : 0;
            }
        }
        return (double) cool / all;
    }

    private double stored() {
        double sum = 0;
        for (int i = 0; i < heat.t.length; i++) {
            sum += section.volume[i] * section.enthalpy(i, heat.t[i]);
        }
        return sum;
    }

    private double hottest() {
        double high = heat.t[0];
        for (double t : heat.t) {
            high = Math.max(high, t);
        }
        return high;
    }

    private double coldest() {
        double low = Double.MAX_VALUE;
        for (int z = 1; z < section.nz; z++) {
            for (int x = 0; x < section.nx - 1; x++) {
                low = Math.min(low, heat.t[z * section.nx + x]);
            }
        }
        return low;
    }

    /** Pictures of the food, every few minutes and at most so fine. */
    public Simulation picturing() {
        pictured = true;
        return this;
    }

    private void picture() {
        int stepX = Math.max(1, (section.nx - 1) / 24);
        int stepZ = Math.max(1, (section.nz - 1) / 16);
        int columns = (section.nx - 1 + stepX - 1) / stepX;
        int rows = (section.nz - 1 + stepZ - 1) / stepZ;
        double[][] celsius = new double[rows][columns];
        for (int z = 0; z < rows; z++) {
            for (int x = 0; x < columns; x++) {
                celsius[z][x] = Math.round(heat.t[(1 + Math.min(section.nz - 2, z * stepZ)) * section.nx + x * stepX] * 10) / 10.0;
            }
        }
        pictures.add(new Heated.Picture(Math.round(clock / 60), celsius));
    }

    private void sample() {
        if (pictured && Math.round(clock / 60) % PICTURE_MINUTES == 0) {
            picture();
        }
        int half = (section.nz / 2) * section.nx + section.nx - 2;
        int last = (section.nz - 1) * section.nx;
        double mean = 0;
        double volume = 0;
        for (int z = 1; z < section.nz; z++) {
            for (int x = 0; x < section.nx - 1; x++) {
                int i = z * section.nx + x;
                mean += section.volume[i] * heat.t[i];
                volume += section.volume[i];
            }
        }
        samples.add(new Heated.Sample(clock / 60, coldest(), heat.t[half], skin.surface(ovenNow, heat.t[last], section.halfTop(0, heat)), ovenNow,
                section.waterNow() / section.waterAtStart(), cooking.leastTender(), cooking.browning(), mean / volume));
    }
}
