package barrowmist.server.roast;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.MachineReference;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Phases;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RorPoint;
import barrowmist.server.web.Optionals;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The analysis of a roast on the wire. What cannot be known is left out, and {@code missing} says why. */
public record AnalysisView(
        @Nullable Double chargeC,
        @Nullable MilestoneView turningPoint,
        @Nullable MilestoneView dryEnd,
        @Nullable MilestoneView firstCrack,
        @Nullable MilestoneView drop,
        PhasesView phases,
        @Nullable PhaseView drying,
        @Nullable PhaseView browning,
        @Nullable PhaseView development,
        @Nullable Double developmentS,
        @Nullable Double developmentRiseC,
        @Nullable Double rorAtFirstCrackCPerMin,
        @Nullable Double rorAtDropCPerMin,
        @Nullable Double rorPeakCPerMin,
        @Nullable Double rorPeakS,
        @Nullable Double totalS,
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

    /** Shares of the total time, %. */
    public record PhasesView(
            @Nullable Double dryingPct,
            @Nullable Double browningPct,
            @Nullable Double developmentPct) {
        static PhasesView of(Phases p) {
            return new PhasesView(share(p.drying()), share(p.browning()), share(p.development()));
        }

        private static @Nullable Double share(Optional<Phases.Phase> phase) {
            return phase.map(p -> Optionals.orNull(p.sharePct())).orElse(null);
        }
    }

    /** One phase. */
    public record PhaseView(
            double fromS,
            double toS,
            double durationS,
            @Nullable Double sharePct,
            double riseC,
            double meanRorCPerMin) {
        static @Nullable PhaseView of(Optional<Phases.Phase> phase) {
            return phase.map(p -> new PhaseView(
                            p.fromS(),
                            p.toS(),
                            p.durationS(),
                            Optionals.orNull(p.sharePct()),
                            p.riseC(),
                            p.meanRorCPerMin()))
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

    /** What the machine usually does with coffees of this process. */
    public record ReferenceView(
            BandView chargeC,
            BandView turningPointS,
            BandView turningPointC,
            BandView dryEndC,
            BandView firstCrackC,
            BandView peakCPerMin) {
        public static ReferenceView of(MachineReference r) {
            return new ReferenceView(
                    BandView.of(r.chargeC()),
                    BandView.of(r.turningPointS()),
                    BandView.of(r.turningPointC()),
                    BandView.of(r.dryEndC()),
                    BandView.of(r.firstCrackC()),
                    BandView.of(r.peakCPerMin()));
        }
    }

    /** A band; without median and spread it is not yet learned. */
    public record BandView(
            boolean learned,
            int roasts,
            int needed,
            @Nullable Double median,
            @Nullable Double spread) {
        static BandView of(Band band) {
            if (band instanceof Band.Learned b) {
                return new BandView(true, b.roasts(), Band.FEWEST_ROASTS, b.median(), b.spread());
            }
            return new BandView(false, ((Band.NotYetLearned) band).roasts(), Band.FEWEST_ROASTS, null, null);
        }
    }

    public static AnalysisView of(RoastAnalysis a, MachineReference reference) {
        RoastFigures f = a.figures();
        Phases phases = f.phases();
        OptionalDouble developmentS = f.developmentS();
        return new AnalysisView(
                Optionals.orNull(f.chargeC()),
                MilestoneView.of(f.turningPoint()),
                MilestoneView.of(f.dryEnd()),
                MilestoneView.of(f.firstCrack()),
                MilestoneView.of(f.drop()),
                PhasesView.of(phases),
                PhaseView.of(phases.drying()),
                PhaseView.of(phases.browning()),
                PhaseView.of(phases.development()),
                Optionals.orNull(developmentS),
                Optionals.orNull(f.developmentRiseC()),
                Optionals.orNull(f.rorAtFirstCrackCPerMin()),
                Optionals.orNull(f.rorAtDropCPerMin()),
                f.rorPeak().map(RorPoint::cPerMin).orElse(null),
                f.rorPeak().map(RorPoint::timeS).orElse(null),
                Optionals.orNull(f.totalS()),
                a.faults().stream().map(FaultView::of).toList(),
                a.missing(),
                a.notices(),
                ReferenceView.of(reference));
    }
}
