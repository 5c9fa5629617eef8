package nabe.bench;

import java.util.concurrent.TimeUnit;
import nabe.larder.Larder;
import nabe.plan.Planner;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Warmup;

/** Loading the catalogue in a fresh process: what a start pays, class loading and all. */
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(5)
public class ColdBench {
    @Benchmark
    public Planner loadCatalogueCold() {
        return new Planner(Larder.load());
    }
}
