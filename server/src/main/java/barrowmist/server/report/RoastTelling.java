package barrowmist.server.report;

import barrowmist.core.cupping.FormScores;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Evidence;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.report.ReportViews.NamedFigure;
import barrowmist.server.report.ReportViews.ReportedRoast;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.sample.PhotoService;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.SpokenCauses;
import barrowmist.server.trace.SpokenCauses.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** One roast as a report tells it. */
@Component
class RoastTelling {

    private static final List<KeyFigure> TOLD = List.of(
            KeyFigure.TURNING_POINT_S,
            KeyFigure.DRY_END_S,
            KeyFigure.FIRST_CRACK_S,
            KeyFigure.DEVELOPMENT_S,
            KeyFigure.DEVELOPMENT_PCT,
            KeyFigure.ROR_AT_FIRST_CRACK,
            KeyFigure.DROP_C,
            KeyFigure.TOTAL_S);

    private final SampleService samples;
    private final PhotoService photos;
    private final SpokenCauses causes;

    RoastTelling(SampleService samples, PhotoService photos, SpokenCauses causes) {
        this.samples = samples;
        this.photos = photos;
        this.causes = causes;
    }

    /** Whether a cup of it tells of our roast, rest or table, and of nothing that the green coffee brings. */
    boolean isOurs(long roastId) {
        return causes.of(roastId)
                .cause()
                .filter(c -> !c.witnesses().contains(Evidence.Source.GREEN))
                .isPresent();
    }

    /** @param told its told sheets */
    ReportedRoast of(RoastEntity roast, RoastAnalysis analysis, List<ToldSheet> told, Wording wording) {
        Spoken spoken = causes.of(roast.id());
        OptionalDouble score =
                FormScores.of(told.stream().map(ToldSheet::sheet).toList()).mean();
        return new ReportedRoast(
                roast.id(),
                roast.title(),
                roast.greenSample().stage().label(),
                roast.machine().name(),
                roast.roastedAt(),
                figures(analysis, samples.figures(roast.id()), wording),
                analysis.faults().stream().map(f -> said(f, wording)).toList(),
                score.isPresent() ? score.getAsDouble() : null,
                CupTelling.words(told),
                spoken.cause().map(Cause::label).orElse(null),
                spoken.held(),
                photos.ofRoast(roast.id()));
    }

    private static List<NamedFigure> figures(RoastAnalysis analysis, BenchFigures bench, Wording wording) {
        List<NamedFigure> out = new ArrayList<>();
        analysis.figures().chargeC().ifPresent(c -> out.add(new NamedFigure("charge", wording.temperature(c))));
        for (KeyFigure figure : TOLD) {
            figure.of(analysis.figures())
                    .ifPresent(v -> out.add(new NamedFigure(figure.label(), written(figure, v, wording))));
        }
        bench.weightLossPct().ifPresent(v -> out.add(new NamedFigure("weight loss", Wording.number(v) + " %")));
        bench.colourWhole().ifPresent(v -> out.add(new NamedFigure("whole colour", Wording.number(v))));
        bench.colourGround().ifPresent(v -> out.add(new NamedFigure("ground colour", Wording.number(v))));
        return out;
    }

    private static String written(KeyFigure figure, double value, Wording wording) {
        return switch (figure.unit()) {
            case SECONDS -> clock(value);
            case CELSIUS -> wording.temperature(value);
            case PERCENT -> Wording.number(value) + " %";
            case CELSIUS_PER_MINUTE -> wording.rate(value);
        };
    }

    private static String said(Fault f, Wording wording) {
        return "%s from %s to %s, %s"
                .formatted(f.kind().code(), clock(f.fromS()), clock(f.toS()), wording.rate(f.depthCPerMin()));
    }

    static String clock(double timeS) {
        long s = Math.round(timeS);
        return String.format(Locale.ROOT, "%d:%02d", s / 60, s % 60);
    }
}
