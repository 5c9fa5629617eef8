package nabe.budgets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import nabe.measure.KitchenText;
import nabe.prep.PrepChoice;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;

/** What would bring the water in: each mend small enough to be one touch. */
final class WaterMends {
    /** Nothing loses more than this share of its weight to a mend. Kitchen practice. */
    private static final double MOST_OFF = 0.45;

    private static final int MOST_MENDS = 4;
    private static final double WORTH_DOING = 20;
    private static final double MOST_AT_ONCE = 400;
    private static final List<Part> POURED = List.of(Part.RED_SAUCE, Part.WHITE_SAUCE, Part.FILLING, Part.SOFT_CHEESE);
    private static final List<String> COOKED_DOWN =
            List.of("mushroom", "tomato", "tomato-sauce", "vegetable", "slice-vegetable", "leaf", "frozen-leaf");

    private WaterMends() {}

    static List<WaterBudget.Mend> whenShort(List<WetLayer> layers, double missing) {
        double grams = 10 * Math.ceil(Math.min(MOST_AT_ONCE, missing) / 10);
        return POURED.stream()
                .filter(part -> layers.stream().anyMatch(l -> l.part() == part))
                .limit(2)
                .map(part -> new WaterBudget.Mend(
                        "stock:" + part.id(),
                        grams,
                        "Stir " + Math.round(grams) + " ml hot stock or water into the "
                                + part.title().toLowerCase(java.util.Locale.ROOT) + ".",
                        grams))
                .toList();
    }

    /** @param free grams of free water in each layer, thickened and set as it lies there */
    static List<WaterBudget.Mend> whenLong(
            List<WetLayer> layers,
            FreeWater free,
            ToDoubleFunction<WetLayer> thickness,
            double excess,
            WaterBudgeter.Bake bake) {
        Map<Integer, Wet> whole = new HashMap<>();
        for (WetLayer layer : layers) {
            layer.lines()
                    .forEach(l -> whole.merge(
                            l.line().source(),
                            new Wet(l, free.freeIn(List.of(l), thickness.applyAsDouble(layer))),
                            Wet::and));
        }
        List<Wet> wettest = whole.values().stream()
                .sorted(Comparator.comparingDouble(w -> -w.free))
                .toList();
        List<WaterBudget.Mend> mends = new ArrayList<>();
        wettest.stream().filter(Wet::cooksDown).forEach(w -> w.less(excess, "Cook the %s down to %s.", mends));
        wettest.stream()
                .filter(w -> w.line.hasRole("tofu") && w.line.readyGrams() * PrepChoice.PRESSED >= WORTH_DOING / 2)
                .forEach(w -> mends.add(new WaterBudget.Mend(
                        "press:" + w.line.line().source(),
                        PrepChoice.PRESS_MINUTES,
                        "Press the " + w.line.line().item() + " 20 min more.",
                        -Math.min(w.free, w.line.readyGrams() * PrepChoice.PRESSED))));
        uncover(excess, bake, mends);
        if (mends.isEmpty()) {
            wettest.stream().limit(1).forEach(w -> w.less(excess, "Take less %s: %s.", mends));
        }
        return mends.stream().limit(MOST_MENDS).toList();
    }

    /** One line over all layers, with its free water. */
    private record Wet(ReadyLine line, double free) {
        Wet and(Wet other) {
            double raw = line.line().gramsOrZero() + other.line.line().gramsOrZero();
            double factor =
                    line.line().gramsOrZero() <= 0 ? 1 : raw / line.line().gramsOrZero();
            return new Wet(
                    new ReadyLine(line.line().times(factor), line.readyGrams() + other.line.readyGrams()),
                    free + other.free);
        }

        boolean cooksDown() {
            return COOKED_DOWN.stream().anyMatch(line::hasRole)
                    && line.line().part() != Part.STRUCTURE
                    && free >= WORTH_DOING;
        }

        void less(double excess, String words, List<WaterBudget.Mend> mends) {
            double off = 5 * Math.floor(Math.min(Math.min(excess, free), line.readyGrams() * MOST_OFF) / 5);
            double target = line.readyGrams() - off;
            if (off > 0) {
                mends.add(new WaterBudget.Mend(
                        "cook:" + line.line().source(),
                        target,
                        String.format(java.util.Locale.ROOT, words, line.line().item(), KitchenText.grams(target)),
                        -off));
            }
        }
    }

    private static void uncover(double excess, WaterBudgeter.Bake bake, List<WaterBudget.Mend> mends) {
        double perMinute = 1000 * bake.areaM2() * (WaterBudgeter.OPEN_LOSS - WaterBudgeter.COVERED_LOSS) / 60;
        double minutes = Math.floor(Math.min(excess / Math.max(1e-9, perMinute), bake.firstCovered() / 2));
        if (minutes >= 3) {
            mends.add(new WaterBudget.Mend(
                    "uncover",
                    minutes,
                    "Take the foil off " + Math.round(minutes) + " min sooner.",
                    -minutes * perMinute));
        }
    }
}
