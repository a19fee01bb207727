package barrowmist.benchmarks;

import barrowmist.core.cupping.panel.Panel;
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

/** A panel of twelve cuppers and ten samples worked out, wanted in 10 ms at most; beside it their means alone. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class PanelBenchmark {

    private static final int CUPPERS = 12;
    private static final int SAMPLES = 10;

    private List<Panel.Score> scores;

    @Setup
    public void score() {
        Random chance = new Random(12);
        scores = new ArrayList<>();
        for (int s = 0; s < SAMPLES; s++) {
            for (int c = 0; c < CUPPERS; c++) {
                scores.add(new Panel.Score(
                        "S" + s, "C" + c, Math.round(4 * (80 + s / 2.0 + chance.nextGaussian())) / 4.0));
            }
        }
    }

    @Benchmark
    public String panel() {
        return Panel.of(scores).text();
    }

    @Benchmark
    public double means() {
        return scores.stream().mapToDouble(Panel.Score::score).average().orElseThrow();
    }
}
