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

/** Loading the catalogue in a fresh process, started as ./nabe starts the server: with the loaded classes kept from an earlier run. */
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(value = 7, warmups = 1, jvmArgsAppend = {"-XX:+UseSerialGC", "-XX:+AutoCreateSharedArchive", "-XX:SharedArchiveFile=.nabe/cold.jsa"})
public class ColdBench {
    @Benchmark
    public Swapper.Tables loadCatalogueCold() {
        return Swapper.Tables.load(Larder.load());
    }
}
