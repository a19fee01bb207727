package barrowmist.benchmarks;

import barrowmist.core.desk.LiveRoast;
import barrowmist.core.desk.LiveSetup;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Taking in one reading of a roast under way, with its rate of rise, the watch for faults and the outlook, wanted in
 * 1 ms at most: the mean over a roast of 450 readings. Beside it the analysis of the whole log, done anew.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class LiveBenchmark {

    private static final int READINGS = 450;
    private static final int DRY_END_S = 290;

    private LiveSetup setup;
    private RoastLog log;

    @Setup
    public void fit() {
        List<FitRoast> roasts = SimulatedLab.roasts(20);
        log = roasts.get(0).log();
        setup = new LiveSetup(
                roasts.get(0).batch(),
                Optional.of(ModelFitter.fit(roasts, 150, (share, doing) -> {})),
                new EventTemperatures(158, 1, 194.5, 1, true),
                MachineReference.NONE,
                Optional.of(new ControlPlan(
                        new ControlLevels(75, 40, 60), List.of(), new DropRule(DropRule.By.BEAN_C, 204))),
                new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                new ControlLevels(75, 40, 60));
    }

    @Benchmark
    @OperationsPerInvocation(READINGS)
    public LiveRoast takeInAReading() {
        LiveRoast live = new LiveRoast(setup);
        live.setEvents(RoastEvents.of().with(EventKind.CHARGE, 0));
        for (int s = 0; s < READINGS; s++) {
            if (s == DRY_END_S) {
                live.setEvents(RoastEvents.of().with(EventKind.CHARGE, 0).with(EventKind.DRY_END, s));
            }
            live.take(new Reading(
                    s,
                    OptionalDouble.of(log.beanC().value(s)),
                    OptionalDouble.of(log.environmentC().value(s)),
                    OptionalDouble.of(log.gasPct().value(s)),
                    OptionalDouble.of(log.airflowPct().value(s)),
                    OptionalDouble.of(60)));
        }
        return live;
    }

    @Benchmark
    public RoastAnalysis analysisOfTheWholeLogBeside() {
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, new RoastEvents(List.of()), Band.NONE);
    }
}
