package nabe.budgets;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.larder.Thickeners;
import nabe.prep.ReadyLine;
import nabe.prep.SheetWays;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.words.Messages;

/** Follows the water through the layers and the planned bake. */
public final class WaterBudgeter {
    private static final double ENOUGH = Figures.of("budgets.water-enough");
    private static final double RESERVE_SPENT = Figures.of("budgets.water-reserve-spent");
    private static final double UNNOTICED = Figures.of("budgets.water-unnoticed");

    private final FreeWater free;
    private final Thickeners thickeners;
    private static final double POURS = Figures.of("budgets.water-pours-from");

    private static final double POURS_COLD = Figures.of("budgets.water-pours-cold-from");

    private static final Set<Part> CRISP = Set.of(Part.TOPPING, Part.MELTING_CHEESE, Part.HARD_CHEESE);
    private final SheetWays ways;

    public WaterBudgeter(FreeWater free, Thickeners thickeners, SheetWays ways) {
        this.free = free;
        this.thickeners = thickeners;
        this.ways = ways;
    }

    /**
     * @param layers bottom to top; {@code steamedOff} share of each one's water that leaves it in the planned bake
     * @param schools of this house, which decide how sheets go in
     * @return without mends
     */
    public WaterBudget budget(Family family, List<WetLayer> layers, List<Double> steamedOff, Schools schools) {
        List<WaterBudget.LayerWater> each = layers(layers, steamedOff, family, schools);
        double start = sum(each, WaterBudget.LayerWater::freeGrams);
        double givenOff = sum(each, WaterBudget.LayerWater::givesOffGrams);
        double takenUp = sum(each, WaterBudget.LayerWater::takesUpGrams);
        double lost = sum(each, WaterBudget.LayerWater::steamsOffGrams);
        double kg = layers.stream().mapToDouble(WetLayer::grams).sum() / 1000;
        double low = FamilyFacts.of(family).waterLow() * kg;
        double high = FamilyFacts.of(family).waterHigh() * kg;
        double dried = sum(each, l -> Math.max(0, l.steamsOffGrams() - l.freeGrams() - l.givesOffGrams()));
        double left = start + givenOff + dried - takenUp - lost;
        double drawn = Math.clamp(low - left, 0, RESERVE_SPENT * sum(each, WaterBudget.LayerWater::reserveGrams));
        double end = left + drawn;
        boolean dry = each.stream().anyMatch(WaterBudget.LayerWater::underWet);
        String state = end < low - UNNOTICED || dry ? "short" : end > high + UNNOTICED ? "long" : "good";
        return new WaterBudget(
                start,
                givenOff,
                dried + drawn,
                takenUp,
                lost,
                end,
                low,
                high,
                state,
                words(state, end, low, high, dry),
                each,
                false,
                List.of());
    }

    private static double sum(List<WaterBudget.LayerWater> layers, ToDoubleFunction<WaterBudget.LayerWater> of) {
        return layers.stream().mapToDouble(of).sum();
    }

    private List<WaterBudget.LayerWater> layers(
            List<WetLayer> layers, List<Double> steamedOff, Family family, Schools schools) {
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
                    steamedOff.get(i) * layers.get(i).waterGrams(),
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
                            .orElseGet(() -> l.cooked()
                                            || l.readyGrams() > 1.3 * l.line().gramsOrZero()
                                    ? 0.1 * dry
                                    : dry);
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
        return layer.cold() && runs > POURS_COLD * grams
                || runs > POURS * grams && SauceThickness.per240(layer.lines(), thickeners) <= 0;
    }

    private static boolean between(int layer, double[] thirst) {
        return IntStream.range(0, layer).anyMatch(i -> thirst[i] > 0)
                && IntStream.range(layer + 1, thirst.length).anyMatch(i -> thirst[i] > 0);
    }

    private static String words(String state, double end, double low, double high, boolean dry) {
        return switch (state) {
            case "short" ->
                dry
                        ? Messages.say("budgets.a-dry-layer-has-too-little")
                        : Messages.say(
                                "budgets.short-of-water-by-about-something", Math.round(Math.max(10, low - end)));
            case "long" -> Messages.say("budgets.too-wet-about-would-stand-as", Math.round(end - high));
            default -> Messages.say("budgets.moist-and-cuttable-no-pool");
        };
    }

    /** How thick each sauce comes out where it lies. */
    public List<SauceThickness> sauces(Recipe recipe, List<WetLayer> components, boolean drySheets) {
        return components.stream()
                .filter(c -> c.part() == Part.WHITE_SAUCE || c.part() == Part.RED_SAUCE || c.part() == Part.FILLING)
                .flatMap(c -> SauceThickness.of(
                        c.part(),
                        c.lines(),
                        recipe.lines(),
                        WaterBand.thickness(recipe.family(), c.part(), drySheets),
                        thickeners)
                        .stream())
                .toList();
    }
}
