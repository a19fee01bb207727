package barrowmist.server.trace;

import barrowmist.core.roast.RoastFigures;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.CupMetric;
import barrowmist.core.trace.Pattern;
import barrowmist.core.trace.Patterns;
import barrowmist.core.trace.Patterns.Metric;
import barrowmist.server.machine.MachineService;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.RoastTraceRepository.Called;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What this lab has learned: which figures of a roaster's roasts separate the cups that are called so from the others. */
@Service
@Transactional(readOnly = true)
public class PatternService {

    /** So many of a roaster's newest cupped roasts are looked at. */
    private static final int MOST = 5000;

    /** So many are shown as dots. */
    private static final int DOTS = 400;

    private final RoastTraceRepository traces;
    private final MachineHistory history;
    private final SampleService samples;
    private final MachineService machines;

    PatternService(
            RoastTraceRepository traces, MachineHistory history, SampleService samples, MachineService machines) {
        this.traces = traces;
        this.history = history;
        this.samples = samples;
        this.machines = machines;
    }

    /** A pattern for each figure of the analysis and the bench, the surest first. */
    public List<Pattern> of(long machineId, Cause cause) {
        machines.get(machineId);
        List<Called> called = traces.called(machineId, PageRequest.of(0, MOST));
        List<Long> ids = called.stream().map(Called::roastId).toList();
        Map<Long, RoastFigures> figures = history.figures(ids);
        Map<Long, BenchFigures> bench = samples.figures(ids);
        List<Metric> metrics = new ArrayList<>();
        for (CupMetric m : CupMetric.values()) {
            metrics.add(metric(m, called, cause, figures, bench));
        }
        return Patterns.of(metrics);
    }

    /** One roast along a figure, and whether its cup is called so. */
    public record Point(long roastId, double value, boolean called) {}

    /** The newest roasts along one figure, as a picture shows them. */
    public List<Point> points(long machineId, Cause cause, String metric) {
        machines.get(machineId);
        CupMetric of = CupMetric.parse(metric)
                .orElseThrow(() -> new InputProblems(
                        "metric", "metric is " + metric + ", which is no figure of a roast or its bench"));
        List<Called> called = traces.called(machineId, PageRequest.of(0, DOTS));
        List<Long> ids = called.stream().map(Called::roastId).toList();
        Map<Long, RoastFigures> figures = history.figures(ids);
        Map<Long, BenchFigures> bench = samples.figures(ids);
        List<Point> out = new ArrayList<>();
        for (Called c : called) {
            value(c, of, figures, bench)
                    .ifPresent(
                            v -> out.add(new Point(c.roastId(), v, cause.code().equals(c.cause()))));
        }
        return out;
    }

    private static OptionalDouble value(
            Called c, CupMetric of, Map<Long, RoastFigures> figures, Map<Long, BenchFigures> bench) {
        RoastFigures roast = figures.get(c.roastId());
        return roast == null
                ? OptionalDouble.empty()
                : of.of().apply(roast, bench.getOrDefault(c.roastId(), BenchFigures.none()));
    }

    private static Metric metric(
            CupMetric of,
            List<Called> called,
            Cause cause,
            Map<Long, RoastFigures> figures,
            Map<Long, BenchFigures> bench) {
        double[] values = new double[called.size()];
        boolean[] so = new boolean[called.size()];
        int n = 0;
        for (Called c : called) {
            OptionalDouble value = value(c, of, figures, bench);
            if (value.isPresent()) {
                values[n] = value.getAsDouble();
                so[n++] = cause.code().equals(c.cause());
            }
        }
        return new Metric(of.code(), java.util.Arrays.copyOf(values, n), java.util.Arrays.copyOf(so, n));
    }
}
