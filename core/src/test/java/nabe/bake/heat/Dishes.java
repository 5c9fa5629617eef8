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
        HeatLayer sheet = new HeatLayer("sheets", 0.002 * f, SHEET, 0.5, false, 1, false, 0, true, 0.3, false);
        HeatLayer filling = new HeatLayer("filling", 0.015 * f, FILLING, 0.5, false, 0, false, 1, true, 0.8, false);
        return new HeatDish(
                List.of(
                        new HeatLayer("sauce", 0.004 * f, SAUCE, 0.6, false, 0, false, 1, true, 0.8, false),
                        sheet,
                        filling,
                        sheet,
                        filling,
                        sheet,
                        new HeatLayer("sauce", 0.007 * f, SAUCE, 0.6, false, 0, false, 1, true, 0.8, false),
                        new HeatLayer("cheese", 0.003 * f, CHEESE, 0.75, false, 0, false, 1, false, 0, false)),
                0.1,
                false,
                wall);
    }

    static HeatDish of(Foodstuff stuff, double height, double halfWidth, boolean round) {
        return of(stuff, height, halfWidth, round, 0);
    }

    static HeatDish of(Foodstuff stuff, double height, double halfWidth, boolean round, double open) {
        return new HeatDish(
                List.of(new HeatLayer("all", height, stuff, 0.6, false, 0, false, 1, true, open, false)),
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
