package nabe.bench;

import java.util.Set;
import java.util.concurrent.TimeUnit;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
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

/** The core alone, reading and planning, in a virtual machine set as the server's is; its compiler is done after some twenty seconds. */
@State(Scope.Benchmark)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@BenchmarkMode(Mode.SampleTime)
@Warmup(iterations = 12, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(
        value = 1,
        jvmArgsAppend = {"-XX:+UseSerialGC", "-XX:+IgnoreUnrecognizedVMOptions", "-XX:+UseCompactObjectHeaders"})
public class CoreBench {
    private final Larder larder = Larder.load();
    private final Planner planner = new Planner(larder);
    private final Swapper swapper = new Swapper(larder, Swapper.Tables.load(larder));
    private final Needs needs = new Needs(Set.of(Need.GLUTEN_FREE, Need.VEGAN, Need.NUT_FREE), Set.of(), true);
    private final Kitchen kitchen = Kitchen.of(needs);
    private final Brief brief = Brief.of(Brief.RecipeBrief.ofText(Texts.THIRTY_LINES), needs);

    @Benchmark
    public Swapper.Tables loadCatalogueWarm() {
        return Swapper.Tables.load(Larder.load());
    }

    @Benchmark
    public Recipe readThirtyLines() {
        return planner.read(Texts.anew(Texts.THIRTY_LINES)).recipe();
    }

    /** A text of thirty lines and a method of twelve sentences, compiled to its procedure: wanted under 4 ms. */
    @Benchmark
    public Procedure readThirtyLinesAndTheirMethod() {
        return planner.read(Texts.anew(Texts.THIRTY_LINES_TWELVE_SENTENCES)).procedure();
    }

    @Benchmark
    public Conversion readAndConvertThirtyLines() {
        Planner.Understood understood = planner.read(Texts.anew(Texts.THIRTY_LINES));
        return swapper.convert(understood.recipe(), understood.procedure(), kitchen);
    }

    /** The same recipe again, as when a cook touches a swap. */
    @Benchmark
    public Conversion convertThirtyLinesAgain() {
        Planner.Understood understood = planner.read(Texts.THIRTY_LINES);
        return swapper.convert(understood.recipe(), understood.procedure(), kitchen);
    }

    @Benchmark
    public Plan readAndPlanThirtyLines() {
        return planner.plan(brief);
    }
}
