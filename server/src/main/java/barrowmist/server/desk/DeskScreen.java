package barrowmist.server.desk;

import barrowmist.core.plan.live.ChargeGate;
import barrowmist.core.plan.live.LiveRoast;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskLine.Read;
import barrowmist.server.desk.DeskViews.BatchView;
import barrowmist.server.desk.DeskViews.CoolingView;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.DeskViews.LinkView;
import barrowmist.server.plan.LiveSetupService.Prepared;
import barrowmist.server.roast.MachineSettings;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A desk at one moment, written for its screens.
 *
 * @param lost why the roaster is not heard; empty when it is
 * @param frozen whether the bean probe stands still
 * @param nowS the desk's clock, s
 * @param rate how many of its seconds pass in one
 * @param zeroS where times begin, s of the desk's clock
 */
record DeskScreen(
        long machineId,
        String machineName,
        MachineSettings settings,
        String phase,
        Optional<Batch> batch,
        @Nullable Prepared prepared,
        @Nullable Read last,
        Optional<String> lost,
        boolean frozen,
        Journal journal,
        int refused,
        double nowS,
        double rate,
        double zeroS) {

    /** Everything that a screen shows, in the reader's units. */
    DeskState state(Wording wording) {
        Optional<LiveRoast> live = batch.flatMap(Batch::live);
        boolean preparing = phase.equals("preparing");
        OptionalDouble beanC = last == null || lost.isPresent()
                ? OptionalDouble.empty()
                : last.reading().beanC();
        OptionalDouble environmentC = last == null || lost.isPresent()
                ? OptionalDouble.empty()
                : last.reading().environmentC();
        boolean roasting = phase.equals("roasting");
        double dropS = batch.flatMap(b -> b.events().find(EventKind.DROP))
                .map(e -> e.timeS())
                .orElse(Double.NaN);
        return new DeskState(
                machineId,
                machineName,
                phase,
                linkView(),
                nowS - zeroS,
                zeroS,
                rate,
                batch.map(this::batchView).orElse(null),
                preparing
                        ? batch.map(b -> StateWriter.protocol(b.protocol(), nowS))
                                .orElse(null)
                        : null,
                preparing && prepared != null
                        ? StateWriter.gate(ChargeGate.judge(
                                beanC,
                                environmentC,
                                prepared.chargeC(),
                                prepared.environmentC(),
                                batch.map(Batch::slopeCPerS).orElse(0.0)))
                        : null,
                StateWriter.figures(beanC, environmentC, roasting ? live : Optional.empty(), nowS - zeroS, last),
                batch.map(b -> StateWriter.entries(b, zeroS)).orElse(List.of()),
                batch.flatMap(DeskScreen::expected).map(EventKind::code).orElse(null),
                live.map(StateWriter::turning).orElse(null),
                roasting
                        ? live.flatMap(LiveRoast::outlook)
                                .map(o -> StateWriter.outlook(
                                        o, live.get().setup().plan().isPresent()))
                                .orElse(null)
                        : null,
                roasting ? live.map(l -> StateWriter.next(l, wording)).orElse(null) : null,
                roasting ? live.map(l -> StateWriter.warning(l, wording)).orElse(null) : null,
                phase.equals("cooling") ? new CoolingView(nowS - zeroS - dropS, settings.coolingS()) : null,
                pops());
    }

    private int pops() {
        List<Read> readings = batch.map(Batch::readings).orElse(List.of());
        OptionalDouble first = readings.stream()
                .map(Read::pops)
                .filter(OptionalDouble::isPresent)
                .findFirst()
                .orElse(OptionalDouble.empty());
        return last == null || first.isEmpty() || last.pops().isEmpty()
                ? 0
                : (int) Math.max(0, last.pops().getAsDouble() - first.getAsDouble());
    }

    /** The event that is expected next. */
    private static Optional<EventKind> expected(Batch b) {
        RoastEvents events = b.events();
        for (EventKind kind : List.of(EventKind.CHARGE, EventKind.DRY_END, EventKind.FIRST_CRACK, EventKind.DROP)) {
            if (events.find(kind).isEmpty()) {
                boolean passed = kind == EventKind.DRY_END
                        && events.find(EventKind.FIRST_CRACK).isPresent();
                if (!passed) {
                    return Optional.of(kind);
                }
            }
        }
        return Optional.empty();
    }

    private BatchView batchView(Batch b) {
        Prepared p = prepared;
        return new BatchView(
                p.greenSampleId(),
                p.lotId(),
                p.lotName(),
                p.process(),
                p.stage(),
                b.prepare().planId(),
                b.greenG(),
                p.chargeC(),
                b.prepare().batch(),
                b.prepare().batches(),
                settings.coolingS(),
                Instant.parse(b.prepare().wallClock()),
                b.roastId().orElse(null));
    }

    private LinkView linkView() {
        boolean byHand = settings.linkOrByHand().byHandOnly();
        boolean openProbe =
                last != null && lost.isEmpty() && last.reading().beanC().isEmpty();
        String status = byHand ? "by-hand" : lost.isPresent() ? "lost" : frozen ? "frozen" : openProbe ? "probe" : "ok";
        String text = switch (status) {
            case "by-hand" -> "Temperatures are typed in";
            case "lost" -> lost.get();
            case "frozen" -> "The bean probe stands still: it reads the very same for long. Look at the probe.";
            case "probe" -> "The bean probe does not answer. Is its plug in?";
            default -> "";
        };
        return new LinkView(
                status,
                text,
                batch.map(b -> b.readings().size()).orElse(0),
                refused,
                batch.map(b -> b.gaps().size()).orElse(0),
                journal.waiting(),
                journal.trouble()
                        .map(t -> "The disk takes no more readings (" + t
                                + "). The roast goes on in memory: make room on the disk, do not end Barrowmist.")
                        .orElse(null));
    }
}
