package barrowmist.server.plan;

import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ChargeAdvice;
import barrowmist.core.plan.PlanFigure;
import barrowmist.core.plan.Prediction;
import barrowmist.core.plan.School;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.MachineReference;
import barrowmist.core.roast.RateOfRise;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.Series;
import barrowmist.server.plan.PlanContent.AimView;
import barrowmist.server.roast.AnalysisView;
import barrowmist.server.roast.CurveView;
import barrowmist.server.roast.CurveView.SeriesView;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Plans and predictions on the wire. */
public final class PlanViews {

    private PlanViews() {}

    /** A plan to be begun. Without a school, one that suits the process; without a template, the newest sound roast. */
    public record PlanEntry(
            @Schema(example = "1") long greenSampleId,
            @Schema(example = "1") @Nullable Long machineId,
            @Schema(example = "protocol") @Nullable String schoolId,
            @Nullable Long templateRoastId,
            @Nullable Double greenG) {}

    /** A plan to be kept; {@code version} is the one it was made from. */
    public record PlanChange(long version, PlanContent content) {}

    /** A plan. */
    public record PlanView(
            long id,
            long version,
            long greenSampleId,
            long lotId,
            String lotName,
            String process,
            String stage,
            long machineId,
            String machineName,
            Instant changedAt,
            PlanContent content) {

        static PlanView of(PlanEntity p) {
            var sample = p.greenSample();
            return new PlanView(
                    p.id(),
                    p.version(),
                    sample.id(),
                    sample.lot().id(),
                    sample.lot().name(),
                    sample.lot().process().label(),
                    sample.stage().label(),
                    p.machine().id(),
                    p.machine().name(),
                    p.changedAt(),
                    p.content());
        }
    }

    /** A plan to be tried on the model. */
    public record WhatIf(long greenSampleId, long machineId, PlanContent content) {}

    /** A plan to be carried to another roaster. */
    public record TranslationEntry(
            long greenSampleId, long machineId, long toMachineId, double greenG, PlanContent content) {}

    /**
     * What a plan is expected to give. Without a model nothing is foretold, and {@code doubts} says why.
     *
     * @param available whether the roaster has a model
     */
    public record PredictionView(
            boolean available,
            boolean trusted,
            List<String> doubts,
            List<FigureView> figures,
            List<PlannedEventView> events,
            @Nullable CurveView curve,
            @Nullable AnalysisView analysis) {

        private static final int EVERY = 4;

        static PredictionView none(String why) {
            return new PredictionView(false, false, List.of(why), List.of(), List.of(), null, null);
        }

        static PredictionView of(Prediction p, Targets targets, MachineReference reference) {
            var f = p.analysis().figures();
            List<PlannedEventView> events = new ArrayList<>(List.of(new PlannedEventView("charge", 0)));
            f.dryEnd().ifPresent(m -> events.add(new PlannedEventView("dry_end", m.timeS())));
            f.firstCrack().ifPresent(m -> events.add(new PlannedEventView("first_crack", m.timeS())));
            f.drop().ifPresent(m -> events.add(new PlannedEventView("drop", m.timeS())));
            return new PredictionView(
                    true,
                    p.trusted(),
                    p.doubts(),
                    FigureView.all(p, targets),
                    events,
                    curve(p.analysis()),
                    AnalysisView.of(p.analysis(), reference));
        }

        private static CurveView curve(RoastAnalysis a) {
            return new CurveView(
                    thinned(a.log().beanC()),
                    thinned(a.log().environmentC()),
                    thinned(a.ror()),
                    thinned(a.log().gasPct()),
                    thinned(a.log().airflowPct()),
                    thinned(a.log().drumRpm()),
                    RateOfRise.GAP_S);
        }

        /** Every fourth reading: a smooth curve needs no more, and so little travels while a slider moves. */
        private static SeriesView thinned(Series s) {
            int n = (s.size() + EVERY - 1) / EVERY;
            double[] t = new double[n];
            double[] v = new double[n];
            for (int i = 0; i < n; i++) {
                t[i] = s.timeS(EVERY * i);
                v[i] = s.value(EVERY * i);
            }
            return SeriesView.of(new Series(t, v));
        }
    }

    /** An event of a predicted roast. */
    public record PlannedEventView(String kind, double timeS) {}

    /**
     * A predicted figure and its aim.
     *
     * @param value left out when it is never reached
     * @param plusMinus one standard deviation; left out when it is not known
     * @param reached whether it lies within the tolerance; left out without an aim
     */
    public record FigureView(
            String field,
            String label,

            @Schema(allowableValues = {"seconds", "celsius", "percent", "celsius-per-minute"})
            String unit,

            @Nullable Double value,
            @Nullable Double plusMinus,
            @Nullable Double aim,
            @Nullable Double tolerance,
            @Nullable Boolean reached) {

        static List<FigureView> all(Prediction p, Targets targets) {
            List<FigureView> all = new ArrayList<>();
            for (PlanFigure figure : PlanFigure.values()) {
                var predicted = p.figure(figure);
                Aim aim = targets.aims().get(figure);
                if (predicted.isEmpty() && aim == null) {
                    continue;
                }
                Double value = predicted.map(Prediction.Predicted::value).orElse(null);
                all.add(new FigureView(
                        figure.field(),
                        figure.label(),
                        Codes.of(figure.unit()),
                        value,
                        predicted.flatMap(Prediction.Predicted::plusMinus).orElse(null),
                        aim == null ? null : aim.value(),
                        aim == null ? null : aim.tolerance(),
                        aim == null ? null : value != null && aim.reachedBy(value)));
            }
            return all;
        }
    }

    /** What the search found. */
    public record FoundView(
            boolean reached,
            PlanContent content,
            PredictionView prediction,
            List<String> changes,
            List<String> missed) {}

    /** A profile carried to another roaster. */
    public record TranslationView(PlanContent content, PredictionView prediction, List<String> notCarried) {}

    /** Where to charge, and why. */
    public record ChargeAdviceView(
            double chargeC,
            LineView base,
            List<LineView> addends,
            @Nullable Double spreadC) {
        static ChargeAdviceView of(ChargeAdvice a) {
            return new ChargeAdviceView(
                    a.chargeC(),
                    LineView.of(a.base()),
                    a.addends().stream().map(LineView::of).toList(),
                    Optionals.orNull(a.spreadC()));
        }
    }

    /** One line of the sum; without roasts it is a house default. */
    public record LineView(String text, double c, int roasts) {
        static LineView of(ChargeAdvice.Line l) {
            return new LineView(l.text(), l.c(), l.roasts());
        }
    }

    /** A school on the wire. */
    public record SchoolView(
            String id,
            String name,
            String note,

            @Schema(allowableValues = {"first-crack", "dry-end"})
            String developmentFrom,

            Map<String, AimView> targets) {
        static SchoolView of(School s) {
            return new SchoolView(
                    s.id(),
                    s.name(),
                    s.note(),
                    PlanContent.from(s.targets().developmentFrom()),
                    PlanContent.aims(s.targets()));
        }
    }

    /** All schools, as kept. */
    public record SchoolsView(List<SchoolView> schools) {}
}
