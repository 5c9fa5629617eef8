package nabe.bench;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import nabe.budgets.FreeWater;
import nabe.budgets.WaterBudget;
import nabe.budgets.WaterBudgeter;
import nabe.budgets.WetLayer;
import nabe.build.BuildChoice;
import nabe.build.BuildPlan;
import nabe.build.Builder;
import nabe.build.lay.Candidates;
import nabe.build.lay.LayRule;
import nabe.build.lay.Outline;
import nabe.build.lay.Sheet;
import nabe.build.lay.SheetLayer;
import nabe.build.lay.SheetLaying;
import nabe.house.House;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Planner;
import nabe.prep.PrepChoice;
import nabe.prep.PrepPlan;
import nabe.prep.Prepper;
import nabe.prep.SheetWays;
import nabe.prep.StoveBook;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.swap.Conversion;
import nabe.swap.Kitchen;
import nabe.swap.Swapper;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Prep, water and build of a five-layer dish up to the oven door, and the search for how sheets lie in any pan. */
@State(Scope.Benchmark)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@BenchmarkMode(Mode.SampleTime)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class BuildBench {
    private final Larder larder = Larder.load();
    private final Swapper.Tables tables = Swapper.Tables.load(larder);
    private final SheetWays ways = new SheetWays(larder);
    private final Prepper prepper = new Prepper(tables.techniques(), new StoveBook(larder), ways, larder);
    private final Builder builder = new Builder(larder, ways, tables.properties());
    private final WaterBudgeter water =
            new WaterBudgeter(new FreeWater(larder, tables.properties()), tables.thickeners(), ways);
    private final Planner.Understood understood = new Planner(larder).read(Texts.THIRTY_LINES);
    private final Recipe recipe = understood.recipe();
    private final Procedure procedure = understood.procedure();
    private final Conversion conversion = new Swapper(larder, tables)
            .convert(
                    recipe,
                    procedure,
                    Kitchen.of(new Needs(Set.of(Need.GLUTEN_FREE, Need.VEGAN, Need.NUT_FREE), Set.of(), true)));
    private final BuildChoice fiveLayers = new BuildChoice(null, 5, null, null, null);
    private final House house = House.usual();
    private final Random random = new Random(11);

    @Benchmark
    public WaterBudget waterAndBuildOfFiveLayers() {
        PrepPlan prep =
                prepper.prepare(new Prepper.Asked(recipe, conversion, house.schools(), Map.of(), PrepChoice.none()));
        BuildPlan build = builder.build(recipe, procedure, prep, null, house, fiveLayers, 1, 1);
        List<WetLayer> layers = build.layers().stream()
                .map(l -> new WetLayer(l.component(), l.name(), l.part(), l.of(), false))
                .toList();
        return water.budget(
                recipe.family(), layers, layers.stream().map(l -> 0.05).toList(), house.schools());
    }

    @Benchmark
    public SheetLayer fiveLayersOfSheetsInAnyPan() {
        SheetLaying laying = new SheetLaying(
                new Candidates(new Sheet(150 + random.nextInt(60), 70 + random.nextInt(40)), LayRule.brittle(0.06)));
        Outline pan = new Outline(random.nextInt(4) == 0, 180 + random.nextInt(220), 150 + random.nextInt(130));
        for (int i = 0; i < 4; i++) {
            laying.lay(pan);
        }
        return laying.lay(pan);
    }
}
