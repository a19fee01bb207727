package barrowmist.benchmarks;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RateOfRise;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.hipparchus.fitting.PolynomialCurveFitter;
import org.hipparchus.fitting.WeightedObservedPoint;
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
 * A 15-minute log at 1 Hz, worked out as a whole, and its rate of rise beside a straightforward refit of each window by
 * Hipparchus. Wanted: the analysis in at most 3 ms, and our rate of rise at least 10 times as fast as the refit.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class AnalysisBenchmark {

    private static final int LENGTH_S = 900;
    private static final double HALF_WINDOW_S = 15;

    private RoastLog log;
    private RoastEvents events;
    private final RoastAnalyzer analyzer = new RoastAnalyzer(FaultSettings.DEFAULTS);
    private final PolynomialCurveFitter fitter = PolynomialCurveFitter.create(2);

    @Setup
    public void makeLog() {
        Random noise = new Random(1);
        double[] t = new double[LENGTH_S + 1];
        double[] c = new double[t.length];
        double bean = 61;
        for (int s = 0; s < t.length; s++) {
            t[s] = s;
            c[s] = bean + 134 * Math.exp(-s / 25.0) + 0.15 * noise.nextGaussian();
            bean += (s < 120 ? 16 : 16 - (s - 120) / 780.0 * 13) / 60;
        }
        log = new RoastLog(new Series(t, c), Series.empty(), Series.empty(), Series.empty(), Series.empty());
        events = RoastEvents.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.DRY_END, 400),
                RoastEvent.at(EventKind.FIRST_CRACK, 740),
                RoastEvent.at(EventKind.DROP, LENGTH_S));
    }

    @Benchmark
    public RoastAnalysis analysis() {
        return analyzer.analyze(log, events, Band.NONE);
    }

    @Benchmark
    public Series rateOfRise() {
        return RateOfRise.centred(log.beanC());
    }

    @Benchmark
    public double refitOfEachWindow() {
        Series bean = log.beanC();
        double sum = 0;
        for (int i = 0; i < bean.size(); i++) {
            List<WeightedObservedPoint> window = new ArrayList<>();
            for (int k = bean.indexFrom(bean.timeS(i) - HALF_WINDOW_S);
                    k < bean.size() && bean.timeS(k) <= bean.timeS(i) + HALF_WINDOW_S;
                    k++) {
                window.add(new WeightedObservedPoint(1, bean.timeS(k) - bean.timeS(i), bean.value(k)));
            }
            sum += 60 * fitter.fit(window)[1];
        }
        return sum;
    }
}
