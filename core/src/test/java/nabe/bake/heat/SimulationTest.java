package nabe.bake.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SimulationTest {
    private static HeatPhase covered(double minutes, double celsius) {
        return new HeatPhase(60 * minutes, celsius, true, false, false, true);
    }

    private static HeatPhase open(double minutes, double celsius) {
        return new HeatPhase(60 * minutes, celsius, false, false, false, true);
    }

    private static Heated bake(HeatDish dish, double start, HeatPhase... phases) {
        return new Simulation(dish, OvenAir.USUAL, start, 20, 24, 10).run(List.of(phases));
    }

    /** Every kind of bake: what the oven gave is found again, and so is all the water. */
    @Test
    void heatAndWaterBalanceInEveryBake() {
        Random random = new Random(7);
        for (int i = 0; i < 120; i++) {
            HeatDish dish = new HeatDish(
                    Dishes.lasagna(Wall.GLASS, 0.02 + 0.06 * random.nextDouble())
                            .layers(),
                    0.06 + 0.1 * random.nextDouble(),
                    random.nextBoolean(),
                    List.of(Wall.GLASS, Wall.CERAMIC, Wall.METAL, Wall.ENAMEL, Wall.CAST_IRON)
                            .get(random.nextInt(5)));
            OvenAir air = new OvenAir(
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextInt(4),
                    random.nextInt(3),
                    random.nextBoolean());
            double start = List.of(-18.0, 4.0, 25.0, 60.0).get(random.nextInt(4));
            List<HeatPhase> phases = new ArrayList<>(List.of(
                    new HeatPhase(60.0 * random.nextInt(60), 160 + random.nextInt(60), true, false, false, false),
                    open(random.nextInt(60), 190)));
            phases.add(new HeatPhase(180, 240, false, true, false, true));
            phases.add(new HeatPhase(900, 21, false, false, true, true));
            Heated heated = new Simulation(dish, air, start, 16, 20, 10).run(phases);
            assertThat(heated.energyError())
                    .as("%s from %s", dish.height(), start)
                    .isLessThan(0.001);
            assertThat(heated.waterError()).isLessThan(0.001);
        }
    }

    @Test
    void aLasagnaTakesWhatCooksFind() {
        double room = done(25, Wall.GLASS);
        assertThat(room).isBetween(40.0, 68.0);
        assertThat(done(4, Wall.GLASS) - room).isBetween(8.0, 22.0);
        assertThat(done(-18, Wall.GLASS) / room).isBetween(1.4, 2.1);
        assertThat(done(60, Wall.GLASS)).isLessThan(room - 12);
        assertThat(done(25, Wall.METAL)).isLessThan(room);
        assertThat(done(25, Wall.CERAMIC)).isGreaterThan(room);
    }

    /** Minutes until it is hot through and tender, two thirds of them covered. */
    private static double done(double start, Wall wall) {
        HeatDish dish = Dishes.lasagna(wall, 0.05);
        double foil = start < 0 ? 75 : start > 30 ? 20 : 35;
        Heated heated = bake(dish, start, covered(foil, 190), open(120, 190));
        return heated.samples().stream()
                .filter(s -> s.core() >= 74 && s.tender() >= 0.9)
                .findFirst()
                .orElseThrow()
                .minutes();
    }

    @Test
    void deeperAndCoolerTakeLonger() {
        double usual = Dishes.minutesTo(bake(Dishes.lasagna(Wall.GLASS, 0.05), 25, open(150, 190)), 74);
        assertThat(Dishes.minutesTo(bake(Dishes.lasagna(Wall.GLASS, 0.065), 25, open(150, 190)), 74))
                .isGreaterThan(1.25 * usual);
        assertThat(Dishes.minutesTo(bake(Dishes.lasagna(Wall.GLASS, 0.05), 25, open(150, 165)), 74))
                .isGreaterThan(usual + 3);
        Heated fan = new Simulation(
                        Dishes.lasagna(Wall.GLASS, 0.05), new OvenAir(true, true, 1, 0, false), 25, 20, 24, 10)
                .run(List.of(open(150, 170)));
        assertThat(Dishes.minutesTo(fan, 74)).isCloseTo(usual, within(0.2 * usual));
    }

    /** While the skin is wet it is at 100 °C at most and does not colour; a covered top never does. */
    @Test
    void aWetTopDoesNotBrownUntilItDries() {
        Heated wet = bake(Dishes.of(Dishes.SAUCE, 0.04, 0.1, false), 25, open(8, 190));
        assertThat(wet.last().browning()).isZero();
        assertThat(wet.last().top()).isLessThanOrEqualTo(100);
        Heated longer = bake(Dishes.lasagna(Wall.GLASS, 0.04), 25, open(70, 190));
        assertThat(longer.last().browning()).isGreaterThan(0.8);
        Heated shut = bake(Dishes.lasagna(Wall.GLASS, 0.04), 25, covered(70, 190));
        assertThat(shut.last().browning()).isZero();
        assertThat(shut.last().water()).isGreaterThan(longer.last().water());
    }

    /** An open surface loses what the domain table says, 0.3 to 0.8 kg/m² in its first hour; covered a tenth. */
    @Test
    void anOpenDishSteamsOffAsCooksWeigh() {
        HeatDish dish = Dishes.of(Dishes.SAUCE, 0.05, 0.1, false);
        double water = 0.80 * 1030 * 0.05;
        double open = (1 - bake(dish, 25, open(45, 190)).last().water()) * water;
        double covered = (1 - bake(dish, 25, covered(45, 190)).last().water()) * water;
        assertThat(open).isBetween(0.25, 1.2);
        assertThat(covered).isLessThan(open / 4);
    }

    @Test
    void theMiddleGoesOnRisingAfterTheOven() {
        Heated heated = bake(
                Dishes.lasagna(Wall.CERAMIC, 0.06),
                25,
                open(45, 200),
                new HeatPhase(900, 21, false, false, true, true));
        double out = heated.samples().get(45).core();
        assertThat(heated.samples().stream()
                        .filter(s -> s.minutes() > 45)
                        .mapToDouble(Heated.Sample::core)
                        .max()
                        .orElse(0))
                .isGreaterThan(out + 2);
        assertThat(heated.last().edge()).isLessThan(heated.samples().get(45).edge());
    }

    @Test
    void eventsFallOnTheirMinute() {
        HeatDish late = new HeatDish(
                List.of(
                        HeatLayerBuilder.builder()
                                .name("filling")
                                .height(0.04)
                                .stuff(Dishes.FILLING)
                                .browns(0.5)
                                .begun(1)
                                .drawsWater(true)
                                .open(0.8)
                                .build(),
                        HeatLayerBuilder.builder()
                                .name("cheese")
                                .height(0.004)
                                .stuff(Dishes.CHEESE)
                                .browns(0.75)
                                .begun(1)
                                .topping(true)
                                .build()),
                0.1,
                false,
                Wall.GLASS);
        Heated heated = new Simulation(late, OvenAir.USUAL, 25, 16, 22, 7)
                .run(List.of(
                        new HeatPhase(60 * 31, 190, true, false, false, false),
                        new HeatPhase(60 * 20, 190, false, false, false, true)));
        assertThat(heated.samples()).hasSize(52);
        assertThat(heated.samples().get(32).top())
                .isLessThan(heated.samples().get(30).top());
        assertThat(heated.energyError()).isLessThan(0.001);
    }

    @Test
    void waterFollowsChoiAndOkos() {
        Foodstuff water = Foodstuff.ofWater();
        assertThat(water.conductivity(25)).isCloseTo(0.607, within(0.006));
        assertThat(water.sensible(25)).isCloseTo(4177, within(10.0));
        assertThat(water.ice(-20)).isBetween(0.9, 1.0);
        assertThatThrownBy(() -> new Foodstuff(0.5, 0.1, 0.1, 0.1, 0.1, 0.0, 900))
                .hasMessageContaining("add up to 1");
    }
}
