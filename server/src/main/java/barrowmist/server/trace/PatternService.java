package barrowmist.server.trace;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Pattern;
import barrowmist.core.trace.Patterns;
import barrowmist.core.trace.Patterns.Metric;
import barrowmist.server.machine.MachineService;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.RoastTraceRepository.Called;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
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

    private static final Map<String, Function<Known, OptionalDouble>> METRICS = metrics();

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

    /** What is known of one roast. */
    private record Known(RoastFigures roast, BenchFigures bench) {}

    /** A pattern for each figure of the analysis and the bench, the surest first. */
    public List<Pattern> of(long machineId, Cause cause) {
        machines.get(machineId);
        List<Called> called = traces.called(machineId, PageRequest.of(0, MOST));
        List<Long> ids = called.stream().map(Called::roastId).toList();
        Map<Long, RoastFigures> figures = history.figures(ids);
        Map<Long, BenchFigures> bench = samples.figures(ids);
        List<Metric> metrics = new ArrayList<>();
        METRICS.forEach((name, of) -> metrics.add(metric(name, of, called, cause, figures, bench)));
        return Patterns.of(metrics);
    }

    /** One roast along a figure, and whether its cup is called so. */
    public record Point(long roastId, double value, boolean called) {}

    /** The newest roasts along one figure, as a picture shows them. */
    public List<Point> points(long machineId, Cause cause, String metric) {
        machines.get(machineId);
        Function<Known, OptionalDouble> of = METRICS.get(metric);
        if (of == null) {
            throw new InputProblems("metric", "metric is " + metric + ", which is no figure of a roast or its bench");
        }
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
            Called c,
            Function<Known, OptionalDouble> of,
            Map<Long, RoastFigures> figures,
            Map<Long, BenchFigures> bench) {
        RoastFigures roast = figures.get(c.roastId());
        return roast == null
                ? OptionalDouble.empty()
                : of.apply(new Known(roast, bench.getOrDefault(c.roastId(), BenchFigures.none())));
    }

    private static Metric metric(
            String name,
            Function<Known, OptionalDouble> of,
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
        return new Metric(name, java.util.Arrays.copyOf(values, n), java.util.Arrays.copyOf(so, n));
    }

    private static Map<String, Function<Known, OptionalDouble>> metrics() {
        Map<String, Function<Known, OptionalDouble>> out = new LinkedHashMap<>();
        out.put("chargeC", k -> k.roast.chargeC());
        for (KeyFigure figure : KeyFigure.values()) {
            out.put(figure.field(), k -> figure.of(k.roast));
        }
        out.put("developmentRiseC", k -> k.roast.developmentRiseC());
        out.put("drumRpm", k -> k.roast.drumRpm());
        out.put("weightLossPct", k -> k.bench.weightLossPct());
        out.put("colourWhole", k -> k.bench.colourWhole());
        out.put("colourGround", k -> k.bench.colourGround());
        out.put("colourGap", k -> k.bench.colourGap());
        out.put("quakersPer100g", k -> count(k.bench.quakersPer100g()));
        out.put("scorchedPer100g", k -> count(k.bench.scorchedPer100g()));
        out.put("tippedPer100g", k -> count(k.bench.tippedPer100g()));
        return out;
    }

    private static OptionalDouble count(OptionalInt n) {
        return n.isPresent() ? OptionalDouble.of(n.getAsInt()) : OptionalDouble.empty();
    }
}
