package barrowmist.server.plan;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.OnPlan;
import barrowmist.core.plan.OutsideAims;
import barrowmist.core.plan.Prediction;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RateOfRise;
import barrowmist.server.roast.AnalysisView;
import barrowmist.server.roast.CurveView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Predictions on the wire. */
public final class PredictionViews {

    private PredictionViews() {}

    /**
     * What a plan is expected to give. Without a model nothing is foretold, and {@code doubts} says why.
     *
     * @param available whether the roaster has a model
     * @param usual whether the figures are what the roaster usually does: its model is not believed, and draws no curve
     * @param curveToleranceC how far beside the curve a roast is still on plan, °C
     * @param eventToleranceC how far beside the temperature of an event, °C
     * @param outside which aims are missed and why; left out when none is
     */
    public record PredictionView(
            boolean available,
            boolean trusted,
            boolean usual,
            List<String> doubts,
            List<FigureView> figures,
            List<PlannedEventView> events,
            @Nullable CurveView curve,
            @Nullable AnalysisView analysis,
            double curveToleranceC,
            double eventToleranceC,
            @Nullable String outside) {

        static PredictionView none(String why) {
            return new PredictionView(
                    false,
                    false,
                    false,
                    List.of(why),
                    List.of(),
                    List.of(),
                    null,
                    null,
                    OnPlan.CURVE_C,
                    OnPlan.EVENT_C,
                    null);
        }

        static PredictionView of(Prediction p, Targets targets, MachineReference reference, Optional<String> template) {
            var f = p.analysis().figures();
            List<PlannedEventView> events = new ArrayList<>();
            if (p.usual()) {
                return new PredictionView(
                        true,
                        false,
                        true,
                        p.doubts(),
                        FigureView.all(p, targets),
                        events,
                        null,
                        null,
                        OnPlan.CURVE_C,
                        OnPlan.EVENT_C,
                        null);
            }
            events.add(new PlannedEventView(EventKind.CHARGE, 0));
            f.dryEnd().ifPresent(m -> events.add(new PlannedEventView(EventKind.DRY_END, m.timeS())));
            f.firstCrack().ifPresent(m -> events.add(new PlannedEventView(EventKind.FIRST_CRACK, m.timeS())));
            f.drop().ifPresent(m -> events.add(new PlannedEventView(EventKind.DROP, m.timeS())));
            return new PredictionView(
                    true,
                    p.trusted(),
                    false,
                    p.doubts(),
                    FigureView.all(p, targets),
                    events,
                    CurveView.thinned(p.analysis(), RateOfRise.GAP_S),
                    AnalysisView.of(p.analysis(), reference),
                    OnPlan.CURVE_C,
                    OnPlan.EVENT_C,
                    OutsideAims.text(p, targets, template).orElse(null));
        }
    }

    /** An event of a predicted roast. */
    public record PlannedEventView(EventKind kind, double timeS) {}

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

            KeyFigure.Unit unit,

            @Nullable Double value,
            @Nullable Double plusMinus,
            @Nullable Double aim,
            @Nullable Double tolerance,
            @Nullable Boolean reached) {

        static List<FigureView> all(Prediction p, Targets targets) {
            List<FigureView> all = new ArrayList<>();
            for (KeyFigure figure : KeyFigure.values()) {
                var predicted = p.figure(figure);
                Aim aim = targets.aims().get(figure);
                if (predicted.isEmpty() && aim == null) {
                    continue;
                }
                Double value = predicted.map(Prediction.Predicted::value).orElse(null);
                all.add(new FigureView(
                        figure.code(),
                        figure.label(),
                        figure.unit(),
                        value,
                        predicted.flatMap(Prediction.Predicted::plusMinus).orElse(null),
                        aim == null ? null : aim.value(),
                        aim == null ? null : aim.tolerance(),
                        aim == null || p.usual() ? null : value != null && aim.reachedBy(value)));
            }
            return all;
        }
    }
}
