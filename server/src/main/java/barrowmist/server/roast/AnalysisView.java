package barrowmist.server.roast;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.EnvironmentFigures;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Phases;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RorPoint;
import barrowmist.server.machine.ReferenceView;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The analysis of a roast on the wire. What cannot be known is left out, and {@code missing} says why. */
public record AnalysisView(
        OptionalDouble chargeC,
        @Nullable MilestoneView turningPoint,
        @Nullable MilestoneView dryEnd,
        @Nullable MilestoneView firstCrack,
        @Nullable MilestoneView drop,
        PhasesView phases,
        @Nullable PhaseView drying,
        @Nullable PhaseView browning,
        @Nullable PhaseView development,
        OptionalDouble developmentS,
        OptionalDouble developmentRiseC,
        OptionalDouble rorAtFirstCrackCPerMin,
        OptionalDouble rorAtDropCPerMin,
        OptionalDouble rorBeforeCrackCPerMin,
        EnvironmentView environment,
        @Nullable Double rorPeakCPerMin,
        @Nullable Double rorPeakS,
        OptionalDouble totalS,
        List<FaultView> faults,
        List<String> missing,
        List<String> notices,
        ReferenceView reference) {

    /** A point of the bean curve. */
    public record MilestoneView(double timeS, double beanC) {
        static @Nullable MilestoneView of(Optional<Milestone> m) {
            return m.map(p -> new MilestoneView(p.timeS(), p.beanC())).orElse(null);
        }
    }

    /** What the environment probe read, and how far above the beans it lay at the drop, °C. */
    public record EnvironmentView(
            OptionalDouble dryEndC,
            OptionalDouble firstCrackC,
            OptionalDouble dropC,
            OptionalDouble peakC,
            OptionalDouble gapAtDropC) {
        static EnvironmentView of(RoastFigures f) {
            EnvironmentFigures e = f.environment();
            return new EnvironmentView(e.dryEndC(), e.firstCrackC(), e.dropC(), e.peakC(), f.gapAtDropC());
        }
    }

    /** Shares of the total time, %. */
    public record PhasesView(OptionalDouble dryingPct, OptionalDouble browningPct, OptionalDouble developmentPct) {
        static PhasesView of(Phases p) {
            return new PhasesView(share(p.drying()), share(p.browning()), share(p.development()));
        }

        private static OptionalDouble share(Optional<Phases.Phase> phase) {
            return phase.map(Phases.Phase::sharePct).orElse(OptionalDouble.empty());
        }
    }

    /** One phase. */
    public record PhaseView(
            double fromS, double toS, double durationS, OptionalDouble sharePct, double riseC, double meanRorCPerMin) {
        static @Nullable PhaseView of(Optional<Phases.Phase> phase) {
            return phase.map(p -> new PhaseView(
                            p.fromS(), p.toS(), p.durationS(), p.sharePct(), p.riseC(), p.meanRorCPerMin()))
                    .orElse(null);
        }
    }

    /** One fault of the rate of rise. */
    public record FaultView(
            String kind, double fromS, double toS, double depthCPerMin, double fromCPerMin, double toCPerMin) {
        static FaultView of(Fault f) {
            return new FaultView(f.kind().code(), f.fromS(), f.toS(), f.depthCPerMin(), f.fromCPerMin(), f.toCPerMin());
        }
    }

    public static AnalysisView of(RoastAnalysis a, MachineReference reference) {
        RoastFigures f = a.figures();
        Phases phases = f.phases();
        OptionalDouble developmentS = f.developmentS();
        return new AnalysisView(
                f.chargeC(),
                MilestoneView.of(f.turningPoint()),
                MilestoneView.of(f.dryEnd()),
                MilestoneView.of(f.firstCrack()),
                MilestoneView.of(f.drop()),
                PhasesView.of(phases),
                PhaseView.of(phases.drying()),
                PhaseView.of(phases.browning()),
                PhaseView.of(phases.development()),
                developmentS,
                f.developmentRiseC(),
                f.rorAtFirstCrackCPerMin(),
                f.rorAtDropCPerMin(),
                f.rorBeforeCrackCPerMin(),
                EnvironmentView.of(f),
                f.rorPeak().map(RorPoint::cPerMin).orElse(null),
                f.rorPeak().map(RorPoint::timeS).orElse(null),
                f.totalS(),
                a.faults().stream().map(FaultView::of).toList(),
                a.missing(),
                a.notices(),
                ReferenceView.of(reference));
    }
}
