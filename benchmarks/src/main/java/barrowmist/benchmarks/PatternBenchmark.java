package barrowmist.benchmarks;

import barrowmist.core.trace.Pattern;
import barrowmist.core.trace.Patterns;
import barrowmist.core.trace.Patterns.Metric;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What a lab has learned of one cause, from 4,000 cupped roasts and 25 figures; wanted in 1 s at most with its reading. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class PatternBenchmark {

    private static final int CUPPED = 4000;
    private static final int FIGURES = 25;
    private final List<Metric> metrics = new ArrayList<>();

    @Setup
    public void make() {
        Random chance = new Random(11);
        boolean[] called = new boolean[CUPPED];
        for (int i = 0; i < CUPPED; i++) {
            called[i] = chance.nextInt(10) < 3;
        }
        for (int m = 0; m < FIGURES; m++) {
            double[] values = new double[CUPPED];
            for (int i = 0; i < CUPPED; i++) {
                values[i] = chance.nextGaussian() + (called[i] && m < 5 ? 0.5 : 0);
            }
            metrics.add(new Metric("figure " + m, values, called));
        }
    }

    @Benchmark
    public List<Pattern> patterns() {
        return Patterns.of(metrics);
    }
}
