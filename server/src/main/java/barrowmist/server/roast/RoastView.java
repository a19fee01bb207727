package barrowmist.server.roast;

import barrowmist.core.green.Process;
import barrowmist.core.green.SampleStage;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Phases;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastKind;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A roast on the wire: what it is, its events, and the figures a list shows. */
public record RoastView(
        long id,
        long lotId,
        String lotName,
        Process process,
        long greenSampleId,
        SampleStage stage,
        long machineId,
        String machineName,
        int number,
        Instant roastedAt,
        boolean accepted,
        boolean settled,
        RoastAim aim,
        RoastKind kind,

        @Nullable Long pulledFrom,
        List<RoastEvent> events,
        List<String> faults,
        int missingMarks,
        OptionalDouble chargeC,
        @Nullable Double dropC,
        OptionalDouble totalS,
        OptionalDouble developmentPct,
        @Nullable Long planId,
        @Nullable String discardedReason) {

    static RoastView of(RoastEntity r) {
        double chargeS = r.events().timeS(EventKind.CHARGE).orElse(0);
        var f = r.figures();
        return new RoastView(
                r.id(),
                r.lot().id(),
                r.lot().name(),
                r.lot().process(),
                r.greenSample().id(),
                r.greenSample().stage(),
                r.machine().id(),
                r.machine().name(),
                r.numberInLot(),
                r.roastedAt(),
                r.accepted(),
                r.settled(),
                r.aim(),
                r.kind(),
                r.pulledFrom().orElse(null),
                r.events().shifted(-chargeS).list(),
                r.faults(),
                r.missingMarks(),
                f.chargeC(),
                f.drop().map(d -> d.beanC()).orElse(null),
                f.totalS(),
                f.phases().development().map(Phases.Phase::sharePct).orElse(OptionalDouble.empty()),
                r.planId(),
                r.discardedReason().orElse(null));
    }
}
