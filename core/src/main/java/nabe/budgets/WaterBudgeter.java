package nabe.budgets;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.house.Schools;
import nabe.larder.Thickeners;
import nabe.prep.ReadyLine;
import nabe.prep.SheetWays;
import nabe.recipe.Family;
import nabe.recipe.Part;

/** Follows the water through the layers and the planned bake. */
public final class WaterBudgeter {
    /** kg/m² in an hour at 180-200 °C from an open surface; covered a tenth of it. Domain figures: 0.3 to 0.8. */
    static final double OPEN_LOSS = 0.55;

    static final double COVERED_LOSS = OPEN_LOSS / 10;
    /** A layer wants at least this share of its thirst in reach. Kitchen practice. */
    private static final double ENOUGH = 0.9;
    /** How much of the reserve may be drawn before the dish eats dry. Kitchen practice. */
    private static final double RESERVE_SPENT = 0.6;

    private final FreeWater free;
    private final Thickeners thickeners;
    /** Share of liquid from which a layer runs. Kitchen practice. */
    private static final double POURS = 0.7;

    private static final Set<Part> CRISP = Set.of(Part.TOPPING, Part.MELTING_CHEESE, Part.HARD_CHEESE);
    private final SheetWays ways;

    public WaterBudgeter(FreeWater free, Thickeners thickeners, SheetWays ways) {
        this.free = free;
        this.thickeners = thickeners;
        this.ways = ways;
    }

    /**
     * The planned bake, as far as water minds.
     *
     * @param areaM2 the open surface in square metres; minutes under the open oven and under cover
     * @param firstCovered minutes of cover that come off for the rest of the bake; 0 where none does
     */
    public record Bake(double areaM2, double openMinutes, double coveredMinutes, double firstCovered) {
        double lostGrams() {
            return 1000 * areaM2 * (OPEN_LOSS * openMinutes + COVERED_LOSS * coveredMinutes) / 60;
        }
    }

    /** @param layers bottom to top; {@code schools} of this house, which decide how sheets go in */
    public WaterBudget budget(Family family, List<WetLayer> layers, Bake bake, Schools schools) {
        List<WaterBudget.LayerWater> each = layers(layers, family, schools);
        double start =
                each.stream().mapToDouble(WaterBudget.LayerWater::freeGrams).sum();
        double givenOff =
                each.stream().mapToDouble(WaterBudget.LayerWater::givesOffGrams).sum();
        double takenUp =
                each.stream().mapToDouble(WaterBudget.LayerWater::takesUpGrams).sum();
        double kg = layers.stream()
                        .flatMap(l -> l.lines().stream())
                        .mapToDouble(ReadyLine::readyGrams)
                        .sum()
                / 1000;
        double end = start + givenOff - takenUp - bake.lostGrams();
        double reserve = layers.stream()
                .mapToDouble(l -> free.reserveIn(l.lines(), family))
                .sum();
        WaterBand band = WaterBand.of(family);
        double low = band.low() * kg - (takenUp > 0 ? RESERVE_SPENT * reserve : 0);
        boolean dry = each.stream().anyMatch(WaterBudget.LayerWater::underWet);
        String state = end < low || dry ? "short" : end > band.high() * kg ? "long" : "good";
        double missing = Math.max(
                (low + band.high() * kg) / 2 - end,
                each.stream()
                        .filter(WaterBudget.LayerWater::underWet)
                        .mapToDouble(l -> l.takesUpGrams() - l.withinReachGrams())
                        .sum());
        List<WaterBudget.Mend> mends = switch (state) {
            case "short" -> WaterMends.whenShort(layers, missing);
            case "long" ->
                WaterMends.whenLong(
                        layers,
                        free,
                        l -> SauceThickness.per240(l.lines(), thickeners),
                        end - (low + band.high() * kg) / 2,
                        bake);
            default -> List.of();
        };
        return new WaterBudget(
                start,
                givenOff,
                takenUp,
                bake.lostGrams(),
                end,
                low,
                band.high() * kg,
                state,
                words(state, end, low, band.high() * kg, dry),
                each,
                mends);
    }

    private List<WaterBudget.LayerWater> layers(List<WetLayer> layers, Family family, Schools schools) {
        double[] freeIn = layers.stream()
                .mapToDouble(l -> free.freeIn(l.lines(), SauceThickness.per240(l.lines(), thickeners)))
                .toArray();
        double[] thirst = IntStream.range(0, layers.size())
                .mapToDouble(i -> isCrust(layers, i) ? 0 : thirst(layers.get(i), schools))
                .toArray();
        List<WaterBudget.LayerWater> each = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            double givesOff = free.givenOffBy(layers.get(i).lines());
            double reach = thirst[i] > 0 ? within(i, freeIn, thirst, layers, family) : 0;
            boolean underWet = thirst[i] > 5 && reach < ENOUGH * thirst[i];
            each.add(new WaterBudget.LayerWater(
                    i,
                    layers.get(i).name(),
                    freeIn[i],
                    free.reserveIn(layers.get(i).lines(), family),
                    givesOff,
                    thirst[i],
                    reach,
                    underWet));
        }
        return each;
    }

    /** Crumbs that lie open on top are to stay crisp: they want no water. */
    private static boolean isCrust(List<WetLayer> layers, int index) {
        return layers.subList(index, layers.size()).stream().allMatch(l -> CRISP.contains(l.part()))
                && layers.get(index).part() == Part.TOPPING;
    }

    private double thirst(WetLayer layer, Schools schools) {
        return layer.lines().stream()
                .filter(l -> l.line().ingredient() != null)
                .mapToDouble(l -> {
                    double dry = free.thirstOf(l.line().ingredient());
                    double still = ways.decide(l.line().ingredient(), schools)
                            .map(d -> d.thirst(dry))
                            .orElseGet(() -> l.readyGrams() > 1.3 * l.line().gramsOrZero() ? 0.1 * dry : dry);
                    return l.line().gramsOrZero() * still / 100;
                })
                .sum();
    }

    /** Free water of the wet layers up to the next dry one on each side; a layer between two dry ones serves both alike. */
    private double within(int layer, double[] freeIn, double[] thirst, List<WetLayer> layers, Family family) {
        double reach = freeIn[layer] + free.reserveIn(layers.get(layer).lines(), family);
        for (int step : new int[] {-1, 1}) {
            int i = layer + step;
            while (i >= 0 && i < freeIn.length && thirst[i] <= 0) {
                if (isPoured(layers.get(i))) {
                    i += step;
                    continue;
                }
                reach += (freeIn[i]
                                + free.givenOffBy(layers.get(i).lines())
                                + free.reserveIn(layers.get(i).lines(), family))
                        / (between(i, thirst) ? 2 : 1);
                i += step;
            }
        }
        return reach + poured(freeIn, thirst, layers, family);
    }

    /** What is poured over runs down to every dry layer: each has its part of it. */
    private double poured(double[] freeIn, double[] thirst, List<WetLayer> layers, Family family) {
        double all = IntStream.range(0, layers.size())
                .filter(i -> thirst[i] <= 0 && isPoured(layers.get(i)))
                .mapToDouble(i -> freeIn[i] + free.reserveIn(layers.get(i).lines(), family))
                .sum();
        return all / Math.max(1, Arrays.stream(thirst).filter(t -> t > 0).count());
    }

    /** A thin liquid, egg stirred in or not: a custard before it sets, cream over slices. */
    private boolean isPoured(WetLayer layer) {
        double grams = layer.lines().stream().mapToDouble(ReadyLine::readyGrams).sum();
        double runs = layer.lines().stream()
                .filter(l -> l.line().ingredient() != null
                        && (l.line().ingredient().isLiquid() || l.hasRole("egg") || l.hasRole("egg-yolk")))
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
        return runs > POURS * grams && SauceThickness.per240(layer.lines(), thickeners) <= 0;
    }

    private static boolean between(int layer, double[] thirst) {
        return IntStream.range(0, layer).anyMatch(i -> thirst[i] > 0)
                && IntStream.range(layer + 1, thirst.length).anyMatch(i -> thirst[i] > 0);
    }

    private static String words(String state, double end, double low, double high, boolean dry) {
        return switch (state) {
            case "short" ->
                dry
                        ? "A dry layer has too little to drink where it lies."
                        : String.format(
                                java.util.Locale.ROOT,
                                "Short of water by about %.0f g: something stays hard, or it eats dry.",
                                Math.max(10, low - end));
            case "long" ->
                String.format(java.util.Locale.ROOT, "Too wet: about %.0f g would stand as a pool.", end - high);
            default -> "Moist and cuttable, no pool.";
        };
    }

    /** How thick each sauce comes out where it lies. */
    public List<SauceThickness> sauces(Family family, List<WetLayer> components, boolean drySheets) {
        return components.stream()
                .filter(c -> c.part() == Part.WHITE_SAUCE || c.part() == Part.RED_SAUCE || c.part() == Part.FILLING)
                .flatMap(c ->
                        SauceThickness.of(
                                c.part(), c.lines(), WaterBand.thickness(family, c.part(), drySheets), thickeners)
                                .stream())
                .toList();
    }
}
