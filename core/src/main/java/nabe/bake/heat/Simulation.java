package nabe.bake.heat;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/**
 * Bakes a dish in its cross-section: conduction through layers and dish, convection and radiation from the oven, melting of ice, boiling held
 * at 100 °C by evaporation, a wet skin that dries and then browns. SI units inside; °C for temperatures. Deterministic.
 */
public final class Simulation {
    private static final double TRUE_UP = 1.5;
    private static final double THAWED = 2;
    /** J/(m³ K): more than any food without ice in it takes up. */
    private static final double MELTS = 4.5e6;
    /** °C of what goes on late, at most. */
    private static final double KITCHEN = 20;
    /** Seconds between looks at how properties have changed. */
    private static final double LOOK_SECONDS = 40;

    private static final double FROZEN_LOOK_SECONDS = 10;
    private final Section section;
    private final Conduction heat;
    private final Skin skin;
    private final Steam steam;
    private final Faces faces;
    private final OvenAir air;
    private final Cooking cooking;
    private final Recorder recorder;
    private final double stepSeconds;
    private final double[] topHeat;
    private final double[] celsiusBefore;
    private final double[] celsiusLooked;
    private final double startCelsius;
    private double taken;
    private double chilled;
    private double clock;
    private boolean toppingOn;
    private double ovenNow;
    private boolean thawing;
    private Predicate<Heated.Sample> enough = sample -> false;

    /** @param nx, nz cells of food from the middle to the wall, and from base to top */
    public Simulation(HeatDish dish, OvenAir air, double startCelsius, int nx, int nz, double stepSeconds) {
        this(dish, new Section(dish, nx, nz), air, startCelsius, stepSeconds);
    }

    /** The same on a section already worked out. */
    public Simulation(HeatDish dish, Section section, OvenAir air, double startCelsius, double stepSeconds) {
        this.section = section;
        this.air = air;
        this.startCelsius = startCelsius;
        this.stepSeconds = stepSeconds;
        heat = new Conduction(section.nx, section.nz);
        Arrays.fill(heat.t, startCelsius);
        skin = new Skin(dish.layers().getLast());
        steam = new Steam(section, heat);
        faces = new Faces(dish, section, heat, skin, air);
        cooking = new Cooking(dish, section);
        recorder = new Recorder(section, heat);
        topHeat = new double[section.nx];
        celsiusBefore = new double[section.nx * section.nz];
        celsiusLooked = new double[section.nx * section.nz];
    }

    /** Ends the bake at the first whole minute at which this holds. */
    public Simulation until(Predicate<Heated.Sample> enough) {
        this.enough = enough;
        return this;
    }

    /** Keeps pictures of the food too. */
    public Simulation picturing() {
        recorder.picturing();
        return this;
    }

    /** @return the bake through all phases, one after the other */
    public Heated run(List<HeatPhase> phases) {
        section.reset();
        double inOven = phases.stream()
                .filter(p -> !p.resting())
                .mapToDouble(HeatPhase::seconds)
                .sum();
        double stored = stored();
        double water = waterNow();
        toppingOn = phases.isEmpty() || phases.getFirst().toppingOn();
        ovenNow = phases.isEmpty()
                ? startCelsius
                : air.celsius(0, inOven, phases.getFirst().celsius());
        sample();
        List<Double> dried = null;
        for (HeatPhase phase : phases) {
            if (phase.resting() && dried == null) {
                dried = section.dried();
            }
            if (phase.toppingOn() && !toppingOn) {
                layTopping();
            }
            run(phase, inOven);
        }
        trueUp();
        double dropped = chilled + steam.dripped();
        double found = stored() - stored + steam.left() * Steam.JOULES_PER_KG + dropped;
        double lost = water - waterNow() - steam.left();
        return new Heated(
                List.copyOf(recorder.samples()),
                List.copyOf(recorder.pictures()),
                Math.abs(found - taken) / Math.max(1, Math.abs(taken) + Math.abs(dropped)),
                Math.abs(lost) / Math.max(1e-9, water),
                dried == null ? section.dried() : dried);
    }

    private double waterNow() {
        return section.waterNow() + skin.water * section.topArea();
    }

    /** What goes on late is cold when it does. */
    private void layTopping() {
        trueUp();
        for (int z = 1; z < section.nz; z++) {
            if (section.isTopping(z)) {
                for (int x = 0; x < section.nx - 1; x++) {
                    int i = z * section.nx + x;
                    double cold = Math.min(heat.t[i], Math.min(startCelsius, KITCHEN));
                    chilled += section.volume[i] * (section.enthalpy(i, heat.t[i]) - section.enthalpy(i, cold));
                    heat.t[i] = cold;
                }
            }
        }
        System.arraycopy(heat.t, 0, celsiusLooked, 0, heat.t.length);
        skin.moisten(section);
        toppingOn = true;
    }

    private void run(HeatPhase phase, double inOven) {
        double left = phase.seconds();
        double nextLook = 0;
        double nextSample = 60 * (Math.floor(clock / 60 + 1e-9) + 1) - clock;
        double gone = 0;
        double factored = 0;
        while (left > 1e-9 && !enough.test(recorder.samples().getLast())) {
            double dt = Math.min(stepSeconds, Math.min(left, Math.max(1e-6, nextSample - gone)));
            if (gone >= nextLook - 1e-9 || dt != factored) {
                look(phase, inOven);
                heat.factor(dt);
                factored = dt;
                nextLook = gone >= nextLook - 1e-9 ? gone + lookSeconds() : nextLook;
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

    private double lookSeconds() {
        return thawing ? Math.max(FROZEN_LOOK_SECONDS, 2 * stepSeconds) : Math.max(LOOK_SECONDS, 4 * stepSeconds);
    }

    private void look(HeatPhase phase, double inOven) {
        ovenNow = phase.resting() ? phase.celsius() : air.celsius(clock, inOven, phase.celsius());
        trueUp();
        section.conductances(heat);
        System.arraycopy(heat.t, 0, celsiusLooked, 0, heat.t.length);
        faces.set(phase, ovenNow);
        thawing = section.freezes && recorder.coldest() < THAWED;
        steam.look(thawing);
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
                double stray = section.enthalpy(i, heat.t[i])
                        - section.enthalpy(i, celsiusLooked[i])
                        - heat.capacity[i] / section.volume[i] * moved;
                heat.t[i] -= stray / section.table(i).capacity(heat.t[i]);
            }
        }
    }

    private void step(HeatPhase phase, double dt) {
        double surface = surface();
        double evaporation = skin.dry(surface, section, dt);
        double latent = evaporation * Steam.JOULES_PER_KG;
        double grill = Faces.grill(phase);
        for (int x = 0; x < section.nx - 1; x++) {
            topHeat[x] = section.rowArea[x] * (grill - latent);
        }
        steam.leaves(evaporation * section.topArea() * dt);
        if (thawing) {
            System.arraycopy(heat.t, 0, celsiusBefore, 0, heat.t.length);
        }
        taken += heat.step(ovenNow, ovenNow, ovenNow, topHeat) + latent * section.topArea() * dt;
        if (thawing) {
            thaw();
        }
        steam.boil(phase.covered());
        cooking.advance(heat, surface, skin.wetness(), dt, toppingOn && !phase.covered());
    }

    private double surface() {
        return skin.surface(ovenNow, heat.t[(section.nz - 1) * section.nx], section.halfTop(0, heat));
    }

    /** Where ice melts the step's heat is put into enthalpy and the temperature read back from it, so that none is lost. */
    private void thaw() {
        for (int z = 1; z < section.nz; z++) {
            int end = z * section.nx + section.nx - 1;
            for (int i = z * section.nx; i < end; i++) {
                double before = celsiusBefore[i];
                if (before < THAWED || heat.capacity[i] > MELTS * section.volume[i]) {
                    heat.t[i] =
                            section.table(i).after(before, heat.capacity[i] * (heat.t[i] - before) / section.volume[i]);
                }
            }
        }
    }

    private double stored() {
        double sum = 0;
        for (int i = 0; i < heat.t.length; i++) {
            sum += section.volume[i] * section.enthalpy(i, heat.t[i]);
        }
        return sum;
    }

    private void sample() {
        recorder.take(clock, ovenNow, surface(), cooking);
    }
}
