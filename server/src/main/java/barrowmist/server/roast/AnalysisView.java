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
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The analysis of a roast on the wire. What cannot be known is left out, and {@code missing} says why. */
public record AnalysisView(
        OptionalDouble chargeC,
        Optional<Milestone> turningPoint,
        Optional<Milestone> dryEnd,
        Optional<Milestone> firstCrack,
        Optional<Milestone> drop,
        PhasesView phases,
        Optional<Phases.Phase> drying,
        Optional<Phases.Phase> browning,
        Optional<Phases.Phase> development,
        OptionalDouble developmentS,
        OptionalDouble developmentRiseC,
        OptionalDouble rorAtFirstCrackCPerMin,
        OptionalDouble rorAtDropCPerMin,
        OptionalDouble rorBeforeCrackCPerMin,
        EnvironmentView environment,
        @Nullable Double rorPeakCPerMin,
        @Nullable Double rorPeakS,
        OptionalDouble totalS,
        List<Fault> faults,
        List<String> missing,
        List<String> notices,
        ReferenceView reference) {

    /** What the environment probe read, and how far above the beans it lay at the drop, °C. */
    public record EnvironmentView(@JsonUnwrapped EnvironmentFigures read, OptionalDouble gapAtDropC) {}

    /** Shares of the total time, %. */
    public record PhasesView(OptionalDouble dryingPct, OptionalDouble browningPct, OptionalDouble developmentPct) {
        static PhasesView of(Phases p) {
            return new PhasesView(share(p.drying()), share(p.browning()), share(p.development()));
        }

        private static OptionalDouble share(Optional<Phases.Phase> phase) {
            return phase.map(Phases.Phase::sharePct).orElse(OptionalDouble.empty());
        }
    }

    public static AnalysisView of(RoastAnalysis a, MachineReference reference) {
        RoastFigures f = a.figures();
        Phases phases = f.phases();
        OptionalDouble developmentS = f.developmentS();
        return new AnalysisView(
                f.chargeC(),
                f.turningPoint(),
                f.dryEnd(),
                f.firstCrack(),
                f.drop(),
                PhasesView.of(phases),
                phases.drying(),
                phases.browning(),
                phases.development(),
                developmentS,
                f.developmentRiseC(),
                f.rorAtFirstCrackCPerMin(),
                f.rorAtDropCPerMin(),
                f.rorBeforeCrackCPerMin(),
                new EnvironmentView(f.environment(), f.gapAtDropC()),
                f.rorPeak().map(RorPoint::cPerMin).orElse(null),
                f.rorPeak().map(RorPoint::timeS).orElse(null),
                f.totalS(),
                a.faults(),
                a.missing(),
                a.notices(),
                ReferenceView.of(reference));
    }
}
