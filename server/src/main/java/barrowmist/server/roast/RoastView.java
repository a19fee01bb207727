package barrowmist.server.roast;

import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvent;
import barrowmist.server.web.Optionals;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A roast on the wire: what it is, its events, and the figures a list shows. */
public record RoastView(
        long id,
        long lotId,
        String lotName,
        String process,
        long greenSampleId,
        String stage,
        long machineId,
        String machineName,
        int number,
        Instant roastedAt,
        boolean accepted,
        boolean settled,
        List<EventView> events,
        List<String> faults,
        int missingMarks,
        @Nullable Double chargeC,
        @Nullable Double dropC,
        @Nullable Double totalS,
        @Nullable Double developmentPct,
        @Nullable Long planId,
        @Nullable String discardedReason) {

    /**
     * An event.
     *
     * @param timeS seconds since charge
     * @param movedFromS where it first stood, when it was moved
     */
    public record EventView(
            String kind, double timeS, @Nullable Double movedFromS) {

        static EventView of(RoastEvent e) {
            return new EventView(e.kind().code(), e.timeS(), Optionals.orNull(e.movedFromS()));
        }
    }

    static RoastView of(RoastEntity r) {
        double chargeS = r.events().timeS(EventKind.CHARGE).orElse(0);
        var f = r.figures();
        Double share = f.phases()
                .development()
                .map(d -> Optionals.orNull(d.sharePct()))
                .orElse(null);
        return new RoastView(
                r.id(),
                r.lot().id(),
                r.lot().name(),
                r.lot().process().label(),
                r.greenSample().id(),
                r.greenSample().stage().label(),
                r.machine().id(),
                r.machine().name(),
                r.numberInLot(),
                r.roastedAt(),
                r.accepted(),
                r.settled(),
                r.events().shifted(-chargeS).list().stream().map(EventView::of).toList(),
                r.faults(),
                r.missingMarks(),
                Optionals.orNull(f.chargeC()),
                f.drop().map(d -> d.beanC()).orElse(null),
                Optionals.orNull(f.totalS()),
                share,
                r.planId(),
                r.discardedReason().orElse(null));
    }
}
