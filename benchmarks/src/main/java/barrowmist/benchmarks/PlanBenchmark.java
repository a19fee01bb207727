package barrowmist.benchmarks;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Prediction;
import barrowmist.core.plan.Predictor;
import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import java.util.List;
import java.util.OptionalDouble;
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

/**
 * A what-if prediction, wanted in 10 ms at most, beside the analysis of a log of the same length; and the fit of a
 * machine to 20 logs, errors of roasts left out included, wanted in under 5 s.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class PlanBenchmark {

    private static final int LOGS = 20;

    private List<FitRoast> logs;
    private Predictor predictor;
    private ControlPlan plan;
    private BatchConditions batch;

    @Setup
    public void fit() {
        logs = SimulatedLab.roasts(LOGS);
        FittedModel model = ModelFitter.fit(logs, 150, (share, doing) -> {});
        predictor = new Predictor(model, MachineReference.NONE, new EventTemperatures(158, 1, 194.5, 1, true));
        plan = new ControlPlan(
                new ControlLevels(80, 40, 60),
                List.of(
                        new ControlStep(new Trigger.AtTime(140), Control.GAS, 70),
                        new ControlStep(new Trigger.AtBean(145), Control.AIR, 47),
                        new ControlStep(new Trigger.AtBean(190), Control.GAS, 60)),
                new DropRule(DropRule.By.BEAN_C, 204));
        batch = new BatchConditions(120, 11, 6.5, 190, OptionalDouble.empty(), 22);
    }

    @Benchmark
    public Prediction whatIf() {
        return predictor.predict(batch, plan, DevelopmentFrom.FIRST_CRACK);
    }

    @Benchmark
    public RoastAnalysis analysisOfALogBeside() {
        return new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(logs.get(0).log(), new RoastEvents(List.of()), Band.NONE);
    }

    @Benchmark
    public FittedModel fitToTwentyLogs() {
        return ModelFitter.fit(logs, 150, (share, doing) -> {});
    }
}
