package nabe.bench;

import java.util.concurrent.TimeUnit;
import nabe.larder.Larder;
import nabe.swap.Swapper;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Warmup;

/** Loading the catalogue in a fresh process, started as ./nabe starts the server: with the cache that a training run of {@link #main} left; see tools/server.sh. */
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(value = 9, warmups = 1)
public class ColdBench {
    public static void main(String[] args) {
        new ColdBench().loadCatalogueCold();
    }

    @Benchmark
    public Swapper.Tables loadCatalogueCold() {
        return Swapper.Tables.load(Larder.load());
    }
}
