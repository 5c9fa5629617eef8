package nabe.bake.heat;

import java.util.List;

/** Dishes to bake in tests. */
final class Dishes {
    static final Foodstuff SAUCE = new Foodstuff(0.80, 0.04, 0.05, 0.08, 0.015, 0.015, 1030);
    static final Foodstuff FILLING = new Foodstuff(0.76, 0.08, 0.07, 0.06, 0.02, 0.01, 960);
    static final Foodstuff SHEET = new Foodstuff(0.35, 0.06, 0.02, 0.55, 0.01, 0.01, 1200);
    static final Foodstuff CHEESE = new Foodstuff(0.50, 0.20, 0.24, 0.03, 0, 0.03, 550);

    private Dishes() {}

    static HeatDish lasagna(Wall wall, double height) {
        double f = height / 0.05;
        HeatLayer sheet = HeatLayerBuilder.builder()
                .name("sheets")
                .height(0.002 * f)
                .stuff(SHEET)
                .browns(0.5)
                .cooks(1)
                .drawsWater(true)
                .open(0.3)
                .build();
        HeatLayer filling = HeatLayerBuilder.builder()
                .name("filling")
                .height(0.015 * f)
                .stuff(FILLING)
                .browns(0.5)
                .begun(1)
                .drawsWater(true)
                .open(0.8)
                .build();
        return new HeatDish(
                List.of(
                        HeatLayerBuilder.builder()
                                .name("sauce")
                                .height(0.004 * f)
                                .stuff(SAUCE)
                                .browns(0.6)
                                .begun(1)
                                .drawsWater(true)
                                .open(0.8)
                                .build(),
                        sheet,
                        filling,
                        sheet,
                        filling,
                        sheet,
                        HeatLayerBuilder.builder()
                                .name("sauce")
                                .height(0.007 * f)
                                .stuff(SAUCE)
                                .browns(0.6)
                                .begun(1)
                                .drawsWater(true)
                                .open(0.8)
                                .build(),
                        HeatLayerBuilder.builder()
                                .name("cheese")
                                .height(0.003 * f)
                                .stuff(CHEESE)
                                .browns(0.75)
                                .begun(1)
                                .build()),
                0.1,
                false,
                wall);
    }

    static HeatDish of(Foodstuff stuff, double height, double halfWidth, boolean round) {
        return of(stuff, height, halfWidth, round, 0);
    }

    static HeatDish of(Foodstuff stuff, double height, double halfWidth, boolean round, double open) {
        return new HeatDish(
                List.of(HeatLayerBuilder.builder()
                        .name("all")
                        .height(height)
                        .stuff(stuff)
                        .browns(0.6)
                        .begun(1)
                        .drawsWater(true)
                        .open(open)
                        .build()),
                halfWidth,
                round,
                Wall.GLASS);
    }

    static double minutesTo(Heated heated, double core) {
        List<Heated.Sample> s = heated.samples();
        for (int i = 1; i < s.size(); i++) {
            if (s.get(i).core() >= core) {
                return s.get(i - 1).minutes()
                        + (core - s.get(i - 1).core())
                                / (s.get(i).core() - s.get(i - 1).core())
                                * (s.get(i).minutes() - s.get(i - 1).minutes());
            }
        }
        throw new AssertionError("The core never came to " + core + " °C.");
    }
}
