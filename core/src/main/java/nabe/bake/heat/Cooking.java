package nabe.bake.heat;

import java.util.Arrays;
import nabe.larder.Figures;

/**
 * Tenderness and browning as first-order changes. Tender: starts above 56 °C where starch gelatinises, and a dry sheet at 95 °C is 95 % there in
 * 17 min; twice as fast each 14 °C. Roots soften as their pectin goes: 20 min at 95 °C, twice as fast each 3.5 °C, so hardly below 85 °C. Golden: a dry surface that browns readily takes 7.5 min at 118 °C; twice as fast each 12 °C; crumbs and
 * pastry toast: 20 min at 150 °C, twice as fast each 25 °C. Kitchen practice.
 */
final class Cooking {
    private static final double GELATINISES = Figures.of("bake.starch-gelatinises");
    private static final double TENDER_SECONDS = Figures.of("bake.sheet-tender-seconds");
    private static final double TENDER_AT = Figures.of("bake.sheet-tender-at");
    private static final double TENDER_DOUBLES = Figures.of("bake.sheet-tender-doubles");
    private static final double ROOT_SECONDS = Figures.of("bake.root-tender-seconds");
    private static final double ROOT_DOUBLES = Figures.of("bake.root-tender-doubles");
    private static final double GOLDEN_SECONDS = Figures.of("bake.golden-seconds");
    private static final double GOLDEN_AT = Figures.of("bake.golden-at");
    private static final double GOLDEN_DOUBLES = Figures.of("bake.golden-doubles");
    private static final double TOASTED_SECONDS = Figures.of("bake.toasted-seconds");
    private static final double TOASTED_AT = Figures.of("bake.toasted-at");
    private static final double TOASTED_DOUBLES = Figures.of("bake.toasted-doubles");
    private static final double READILY = 0.75;
    private static final double BROWNS_FROM = Figures.of("bake.browns-from");
    private final HeatDish dish;
    private final int[] row;
    private final double[] tender;
    private final int nx;
    private final boolean toasts;
    private double browning;

    Cooking(HeatDish dish, Section section) {
        this.dish = dish;
        toasts = dish.layers().getLast().toasts();
        nx = section.nx;
        row = new int[dish.layers().size()];
        tender = new double[row.length];
        for (int l = 0; l < row.length; l++) {
            row[l] = section.middleRow(dish, l);
            tender[l] = dish.layers().get(l).cooks() > 0 ? dish.layers().get(l).begun() : 1;
        }
    }

    void advance(Conduction heat, double surface, double wetness, double dt, boolean bare) {
        for (int l = 0; l < row.length; l++) {
            double cooks = dish.layers().get(l).cooks();
            double t = heat.t[row[l] * nx];
            boolean root = dish.layers().get(l).root();
            if (cooks > 0 && t > GELATINISES) {
                double doubles = root ? ROOT_DOUBLES : TENDER_DOUBLES;
                double seconds = root ? ROOT_SECONDS : TENDER_SECONDS;
                tender[l] += (1 - tender[l])
                        * (1 - Math.exp(-dt * cooks / seconds * Math.pow(2, (t - TENDER_AT) / doubles)));
            }
        }
        if (bare && surface > BROWNS_FROM) {
            double rate = toasts
                    ? Math.pow(2, (surface - TOASTED_AT) / TOASTED_DOUBLES) / TOASTED_SECONDS
                    : Math.pow(2, (surface - GOLDEN_AT) / GOLDEN_DOUBLES) / GOLDEN_SECONDS;
            browning += dt * (1 - wetness) * dish.layers().getLast().browns() / READILY * rate;
        }
    }

    double leastTender() {
        return Arrays.stream(tender).min().orElse(1);
    }

    double browning() {
        return browning;
    }
}
