package nabe.bake.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The solver against the exact series (Carslaw and Jaeger 1959) and Plank's freezing time (1913). */
class ConductionTest {
    private static final double K = 0.5;
    private static final double CAPACITY = 3.6e6;
    private static final double HALF = 0.03;

    /** Temperature left, 1 to 0, in the middle of a slab of half thickness 1: the sum over the roots of z tan z = Bi. */
    private static double slab(double biot, double fourier) {
        double sum = 0;
        for (int n = 0; n < 60; n++) {
            double low = n * Math.PI;
            double high = low + Math.PI / 2 - 1e-12;
            for (int i = 0; i < 100; i++) {
                double z = (low + high) / 2;
                if (z * Math.tan(z) < biot) {
                    low = z;
                } else {
                    high = z;
                }
            }
            double z = (low + high) / 2;
            sum += 4 * Math.sin(z) / (2 * z + Math.sin(2 * z)) * Math.exp(-z * z * fourier);
        }
        return sum;
    }

    /** Half a block from its middle outward in x, and its whole height in z; starts at 100 in surroundings at 0. */
    private static Conduction block(int nx, int nz, double halfWidth, double height, double hSide, double hEnds) {
        Conduction heat = new Conduction(nx, nz);
        double dx = halfWidth / nx;
        double dz = height / nz;
        Arrays.fill(heat.t, 100);
        Arrays.fill(heat.capacity, CAPACITY * dx * dz);
        Arrays.fill(heat.outward, K * dz / dx);
        Arrays.fill(heat.upward, K * dx / dz);
        Arrays.fill(heat.sideLoss, hSide == 0 ? 0 : dz / (1 / hSide + dx / 2 / K));
        Arrays.fill(heat.topLoss, hEnds == 0 ? 0 : dx / (1 / hEnds + dz / 2 / K));
        Arrays.fill(heat.baseLoss, hEnds == 0 ? 0 : dx / (1 / hEnds + dz / 2 / K));
        return heat;
    }

    private static double run(Conduction heat, double seconds, double step) {
        heat.factor(step);
        double[] none = new double[heat.nx];
        double before = stored(heat);
        double taken = 0;
        for (double t = 0; t < seconds - 1e-9; t += step) {
            taken += heat.step(0, 0, 0, none);
        }
        assertThat(stored(heat) - before).as("the balance closes").isCloseTo(taken, within(1e-9 * before));
        return heat.t[(heat.nz / 2) * heat.nx];
    }

    private static double stored(Conduction heat) {
        double sum = 0;
        for (int i = 0; i < heat.t.length; i++) {
            sum += heat.t[i] * heat.capacity[i];
        }
        return sum;
    }

    @ParameterizedTest
    @CsvSource({"0.3, 0.5", "0.3, 2", "1, 0.3", "1, 1", "5, 0.2", "5, 0.6", "30, 0.15", "30, 0.5"})
    void aSlabCoolsInTheMiddleAsTheSeriesSays(double biot, double fourier) {
        double h = biot * K / HALF;
        double seconds = fourier * HALF * HALF * CAPACITY / K;
        Conduction heat = block(48, 2, HALF, 1, h, 0);
        assertThat(run(heat, seconds, seconds / 1500)).isCloseTo(100 * slab(biot, fourier), within(0.5));
    }

    @ParameterizedTest
    @CsvSource({"1, 0.4", "4, 0.2", "4, 0.5", "20, 0.2"})
    void anEndlessBarCoolsAsTheProductOfTwoSlabs(double biot, double fourier) {
        double h = biot * K / HALF;
        double seconds = fourier * HALF * HALF * CAPACITY / K;
        Conduction heat = block(40, 81, HALF, 2 * HALF, h, h);
        assertThat(run(heat, seconds, seconds / 1500))
                .isCloseTo(100 * slab(biot, fourier) * slab(biot, fourier), within(0.5));
    }

    /** A slab at its melting point in warm air, its heat read back as the simulation does: Plank's time, within 5 %. */
    @Test
    void aFrozenBlockThawsInPlanksTime() {
        double melting = 2.8e8;
        double h = 25;
        double air = 20;
        double plank = melting / air * (HALF / h + HALF * HALF / (2 * K));
        int n = 60;
        ThermalTable stuff = new ThermalTable(K, 0.5e6, melting, 0);
        Conduction heat = block(n, 2, HALF, 1, h, 0);
        double volume = HALF / n * 0.5;
        Arrays.fill(heat.t, -1);
        double step = 10;
        double time = 0;
        double[] none = new double[n];
        double[] before = new double[2 * n];
        while (heat.t[0] < -0.01 && time < 3 * plank) {
            for (int i = 0; i < heat.t.length; i++) {
                heat.capacity[i] = stuff.capacity(heat.t[i]) * volume;
                before[i] = heat.t[i];
            }
            heat.factor(step);
            heat.step(air, air, air, none);
            for (int i = 0; i < heat.t.length; i++) {
                heat.t[i] = stuff.after(before[i], heat.capacity[i] * (heat.t[i] - before[i]) / volume);
            }
            time += step;
        }
        assertThat(time / plank).isCloseTo(1, within(0.05));
    }

    /** The simulation's own thawing: a frozen dish takes as long as its enthalpy says, whatever the grid and the step. */
    @Test
    void halvingGridAndStepChangesOutcomesByUnderOnePercent() {
        HeatDish dish = Dishes.lasagna(Wall.GLASS, 0.05);
        for (double start : new double[] {25, 4, -18}) {
            List<HeatPhase> phases = List.of(
                    new HeatPhase(start < 0 ? 6_000 : 3_000, 190, true, false, false, true),
                    new HeatPhase(2_400, 190, false, false, false, true));
            Heated coarse = new Simulation(dish, OvenAir.USUAL, start, 24, 32, 5).run(phases);
            Heated fine = new Simulation(dish, OvenAir.USUAL, start, 48, 64, 2.5).run(phases);
            assertThat(Dishes.minutesTo(coarse, 70))
                    .isCloseTo(Dishes.minutesTo(fine, 70), within(0.012 * Dishes.minutesTo(fine, 70)));
            assertThat(coarse.last().core())
                    .isCloseTo(fine.last().core(), within(0.01 * (fine.last().core() - start)));
            assertThat(coarse.last().water()).isCloseTo(fine.last().water(), within(0.01));
        }
    }
}
