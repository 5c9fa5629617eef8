package nabe.bench;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import nabe.bake.OvenChoice;
import nabe.bake.OvenSharing;
import nabe.bake.Start;
import nabe.bake.heat.Foodstuff;
import nabe.bake.heat.HeatDish;
import nabe.bake.heat.HeatLayer;
import nabe.bake.heat.HeatLayerBuilder;
import nabe.bake.heat.HeatPhase;
import nabe.bake.heat.Heated;
import nabe.bake.heat.OvenAir;
import nabe.bake.heat.Simulation;
import nabe.bake.heat.Wall;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The bake: one two-hour simulation on 48 by 32 cells at 5 s, the planner with and without its forecast, four dishes in one oven. */
@State(Scope.Benchmark)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@BenchmarkMode(Mode.SampleTime)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class HeatBench {
    private static final Foodstuff SAUCE = new Foodstuff(0.80, 0.04, 0.05, 0.08, 0.015, 0.015, 1030);
    private static final Foodstuff SHEET = new Foodstuff(0.35, 0.06, 0.02, 0.55, 0.01, 0.01, 1200);
    private final HeatDish dish = new HeatDish(
            List.of(
                    layer("sauce", 0.012, SAUCE, 0),
                    layer("sheets", 0.003, SHEET, 1),
                    layer("sauce", 0.015, SAUCE, 0),
                    layer("sheets", 0.003, SHEET, 1),
                    layer("sauce", 0.017, SAUCE, 0)),
            0.11,
            false,
            Wall.GLASS);
    private final List<HeatPhase> twoHours = List.of(
            new HeatPhase(3_600, 190, true, false, false, true), new HeatPhase(3_600, 190, false, false, false, true));
    private final Planner planner = new Planner(Larder.load());
    private final Needs needs = new Needs(Set.of(Need.GLUTEN_FREE, Need.VEGAN, Need.NUT_FREE), Set.of(), true);

    private static HeatLayer layer(String name, double height, Foodstuff stuff, double cooks) {
        return HeatLayerBuilder.builder()
                .name(name)
                .height(height)
                .stuff(stuff)
                .browns(0.6)
                .cooks(cooks)
                .drawsWater(true)
                .open(0.5)
                .build();
    }

    private Brief brief(Start start, boolean forecast) {
        return BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(Texts.THIRTY_LINES))
                .needs(needs)
                .oven(new OvenChoice(null, false, start))
                .choices(Map.of())
                .forecast(forecast)
                .brief();
    }

    @Benchmark
    public Heated twoHourSimulation() {
        return new Simulation(dish, OvenAir.USUAL, 20, 47, 31, 5).run(twoHours);
    }

    @Benchmark
    public Plan planWithForecast() {
        return planner.plan(brief(Start.FRIDGE, true));
    }

    @Benchmark
    public Plan planWithoutForecast() {
        return planner.plan(brief(Start.ROOM, false));
    }

    @Benchmark
    public OvenSharing.Shared fourDishesInOneOven() {
        return planner.share(List.of(
                brief(Start.FRIDGE, false),
                brief(Start.ROOM, false),
                brief(Start.HOT, false),
                brief(Start.FROZEN, false)));
    }
}
