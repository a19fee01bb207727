package barrowmist.benchmarks;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.LabSimulator;
import barrowmist.core.trace.TraceEngine;
import barrowmist.core.trace.TraceInput;
import barrowmist.core.trace.TraceRules;
import barrowmist.core.trace.Traced;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
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

/** A roast traced from its stored figures, wanted in 2 ms at most. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class TraceBenchmark {

    private final TraceEngine engine = new TraceEngine(TraceRules.DEFAULTS);
    private final List<TraceInput> cases = new ArrayList<>();
    private int next;

    @Setup
    public void make() {
        LabSimulator lab = new LabSimulator(9);
        for (Cause cause : Cause.values()) {
            cases.add(lab.of(List.of(cause), 1, 0.8).input());
        }
    }

    @Benchmark
    public Traced trace() {
        next = (next + 1) % cases.size();
        return engine.trace(cases.get(next), Wording.SI);
    }
}
