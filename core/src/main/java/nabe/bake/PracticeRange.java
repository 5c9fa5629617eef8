package nabe.bake;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.build.BuildPlan;
import nabe.build.Layer;
import nabe.larder.CatalogueException;
import nabe.larder.CatalogueFile;
import nabe.larder.Figures;
import nabe.prep.ReadyLine;
import nabe.recipe.Family;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** What cooks usually find, to hold the forecast against: by kind of dish and its state, from practice.csv. */
final class PracticeRange {
    static final double DEPTH_POWER = Figures.of("bake.depth-power");
    private static final String FILE = "practice.csv";
    private static final double KITCHEN = 25;
    private static final double LEAST_TIMES = Figures.of("bake.practice-least-times");
    private static final double MOST_TIMES = Figures.of("bake.practice-most-times");
    private static final double SHORTEST = 10;
    private static final double FROZEN_LEAST = Figures.of("bake.frozen-least");
    private static final double FROZEN_MOST = Figures.of("bake.frozen-most");
    private static final Set<String> DRY = Set.of("short-pasta", "noodles", "sheets", "tubes", "shells", "grain");
    private static final Set<String> DOUGHS = Set.of("lid-dough", "flour-raising", "leavening");
    private static final Map<Family, Map<State, Range>> ALL = load();

    /** What a dish is made of when it goes in. */
    enum State {
        COOKED,
        RAW,
        DRY,
        CRUST,
        SCONE,
        BATTER,
        CUSTARD,
        MASH
    }

    private record Range(
            double mm, double celsius, double low, double high, double hot, double fridgeLow, double fridgeHigh) {
        double[] from(Start start, double times) {
            double least = low * times;
            double most = high * times;
            return switch (start) {
                case HOT -> new double[] {least - hot, most - hot / 2};
                case ROOM -> new double[] {least, most};
                case FRIDGE -> new double[] {least + fridgeLow, most + fridgeHigh};
                case FROZEN -> new double[] {(least + fridgeLow) * FROZEN_LEAST, (most + fridgeHigh) * FROZEN_MOST};
            };
        }
    }

    private PracticeRange() {}

    /** @return minutes that such a dish takes longer from the fridge */
    static double fridgeLater(Baking baking) {
        Range range = range(baking);
        return (range.fridgeLow + range.fridgeHigh) / 2;
    }

    private static Range range(Baking baking) {
        Map<State, Range> states = of(baking.recipe.family());
        return states.getOrDefault(state(baking), states.values().iterator().next());
    }

    /** Every family has its rows: the file is checked when it is read. */
    private static Map<State, Range> of(Family family) {
        return Objects.requireNonNull(ALL.get(family));
    }

    /** @return °C that such a dish usually bakes at, where nothing is said */
    static double usualCelsius(Family family) {
        return of(family).values().iterator().next().celsius;
    }

    /** @param recipe minutes by the recipe where its own phases are followed: they count as found, too; else null */
    static BakePlan.Practice of(Baking baking, @Nullable Integer recipe) {
        Range range = range(baking);
        double depth = Math.max(15, baking.build.heightMm()) / range.mm;
        double times = Math.clamp(
                Math.pow(depth, DEPTH_POWER) * (range.celsius - KITCHEN) / (baking.oven.celsius() - KITCHEN),
                LEAST_TIMES,
                MOST_TIMES);
        double[] found = range.from(baking.start, times);
        int low = (int) (5 * Math.floor(Math.max(SHORTEST, found[0]) / 5));
        int high = (int) (5 * Math.ceil(Math.max(SHORTEST + 5, found[1]) / 5));
        int least = recipe == null ? low : Math.min(low, recipe);
        int most = recipe == null ? high : Math.max(high, recipe);
        return new BakePlan.Practice(
                least, most, Messages.say("bake.cooks-usually-find-to-min-for", least, most, recipe == null));
    }

    static boolean isCustard(Baking baking) {
        return state(baking) == State.CUSTARD;
    }

    static boolean isRaw(Baking baking) {
        return state(baking) == State.RAW;
    }

    static State state(Baking baking) {
        BuildPlan build = baking.build;
        return switch (baking.recipe.family()) {
            case BATTER -> State.BATTER;
            case STRATA -> State.CUSTARD;
            case MASH_TOPPED -> State.MASH;
            case POT_PIE -> holds(build, DOUGHS) ? State.SCONE : State.CRUST;
            case GRATIN ->
                baking.dish.layers().stream().anyMatch(l -> l.root() && l.begun() < 0.5) ? State.RAW : State.COOKED;
            case CASSEROLE ->
                holds(build, DOUGHS)
                        ? State.SCONE
                        : isCustard(build) ? State.CUSTARD : isDry(build) ? State.DRY : State.COOKED;
            default -> isDry(build) ? State.DRY : State.COOKED;
        };
    }

    private static boolean holds(BuildPlan build, Set<String> roles) {
        return build.layers().stream().flatMap(l -> l.of().stream()).anyMatch(l -> is(l, roles));
    }

    /** Eggs, or what sets in their place, and more liquid than filling. */
    private static boolean isCustard(BuildPlan build) {
        return build.layers().stream().anyMatch(l -> share(l, Set.of("egg", "custard")) > 0.15);
    }

    private static double share(Layer layer, Set<String> roles) {
        double all = layer.of().stream().mapToDouble(ReadyLine::readyGrams).sum();
        return all <= 0
                ? 0
                : layer.of().stream()
                                .filter(l -> is(l, roles))
                                .mapToDouble(ReadyLine::readyGrams)
                                .sum()
                        / all;
    }

    /** What drinks goes in as it is: it weighs what it did dry. */
    private static boolean isDry(BuildPlan build) {
        return build.layers().stream()
                .flatMap(l -> l.of().stream())
                .anyMatch(l -> is(l, DRY) && l.readyGrams() < 1.3 * l.line().gramsOrZero());
    }

    private static boolean is(ReadyLine line, Set<String> roles) {
        return line.line().ingredient() != null
                && roles.contains(line.line().ingredient().role());
    }

    private static Map<Family, Map<State, Range>> load() {
        CatalogueFile file = CatalogueFile.open(
                FILE, "family", "state", "mm", "celsius", "low", "high", "hot", "fridge_low", "fridge_high");
        Map<Family, Map<State, Range>> all = new HashMap<>();
        for (CSVRecord row : file.rows()) {
            Range range = new Range(
                    file.number(row, "mm"),
                    file.number(row, "celsius"),
                    file.number(row, "low"),
                    file.number(row, "high"),
                    file.number(row, "hot"),
                    file.number(row, "fridge_low"),
                    file.number(row, "fridge_high"));
            State state = state(file, row);
            boolean fresh = all.computeIfAbsent(Family.ofId(file.text(row, "family")), f -> new EnumMap<>(State.class))
                            .put(state, range)
                    == null;
            if (!fresh
                    || !(range.mm > 0)
                    || !(range.low > 0)
                    || range.low > range.high
                    || range.fridgeLow > range.fridgeHigh) {
                throw file.bad(row, "A family's state has one row, with a depth and rising ranges.");
            }
        }
        for (Family family : Family.values()) {
            if (!all.containsKey(family)) {
                throw new CatalogueException(FILE, family.id(), "Every family must have a row.");
            }
        }
        return all;
    }

    static State state(CatalogueFile file, CSVRecord row) {
        try {
            return State.valueOf(file.text(row, "state").toUpperCase(java.util.Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The state must be one of those named above.");
        }
    }
}
