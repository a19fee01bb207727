package barrowmist.server.desk;

import barrowmist.core.desk.ChargeGate;
import barrowmist.core.desk.DeskPhase;
import barrowmist.core.desk.EventRules;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.Listening;
import barrowmist.core.desk.LiveRoast;
import barrowmist.core.desk.OutlookWords;
import barrowmist.core.desk.Prompts;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastKind;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.BatchView;
import barrowmist.server.desk.DeskViews.CoolingView;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.DeskViews.GateView;
import barrowmist.server.desk.DeskViews.LinkStatus;
import barrowmist.server.desk.DeskViews.LinkView;
import barrowmist.server.desk.LiveSetupService.Prepared;
import barrowmist.server.desk.OutlookViews.OutlookView;
import barrowmist.server.machine.MachineSettings;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A desk at one moment, written for its screens.
 *
 * @param nowS the desk's clock, s
 */
record DeskScreen(
        long machineId,
        String machineName,
        MachineSettings settings,
        Optional<RoastBatch> batch,
        @Nullable Prepared prepared,
        Listening roaster,
        Journal journal,
        double nowS) {

    /** Everything that a screen shows, in the reader's units. */
    DeskState state(Wording wording) {
        DeskPhase phase = batch.map(RoastBatch::phase).orElse(DeskPhase.IDLE);
        double zeroS = batch.map(RoastBatch::zeroS).orElse(0.0);
        Optional<LiveRoast> live = batch.flatMap(RoastBatch::live);
        Optional<RoastBatch> preparing = batch.filter(b -> phase == DeskPhase.PREPARING);
        Optional<LiveRoast> roasting = live.filter(l -> phase == DeskPhase.ROASTING);
        return new DeskState(
                machineId,
                machineName,
                phase,
                linkView(),
                nowS - zeroS,
                zeroS,
                roaster.rate(),
                batch.map(this::batchView).orElse(null),
                preparing.map(b -> StateWriter.protocol(b.protocol(), nowS)).orElse(null),
                preparing.map(this::gate).orElse(null),
                FiguresWriter.figures(beanC(), environmentC(), roaster.last(), roasting, nowS - zeroS),
                batch.map(b -> StateWriter.entries(b, zeroS)).orElse(List.of()),
                batch.map(b -> FiguresWriter.stretches(b, nowS - zeroS)).orElse(List.of()),
                batch.flatMap(b -> EventRules.next(b.events())).orElse(null),
                live.map(StateWriter::turning).orElse(null),
                roasting.map(DeskScreen::outlook).orElse(null),
                roasting.map(l -> OutlookWords.of(l.setup(), l.outlook())).orElse(null),
                roasting.flatMap(Prompts::of).orElse(null),
                roasting.map(l -> StateWriter.next(l, wording)).orElse(null),
                roasting.map(l -> StateWriter.warning(l, wording)).orElse(null),
                phase == DeskPhase.COOLING ? cooling(zeroS) : null,
                pops());
    }

    private OptionalDouble beanC() {
        return roaster.now().map(Reading::beanC).orElse(OptionalDouble.empty());
    }

    private OptionalDouble environmentC() {
        return roaster.now().map(Reading::environmentC).orElse(OptionalDouble.empty());
    }

    private @Nullable GateView gate(RoastBatch preparing) {
        return prepared == null
                ? null
                : StateWriter.gate(ChargeGate.judge(
                        beanC(), environmentC(), prepared.chargeC(), prepared.environmentC(), preparing.slopeCPerS()));
    }

    private static @Nullable OutlookView outlook(LiveRoast live) {
        return live.outlook()
                .map(o -> StateWriter.outlook(o, live.setup().plan().isPresent()))
                .orElse(null);
    }

    private CoolingView cooling(double zeroS) {
        double dropS = batch.flatMap(b -> b.events().find(EventKind.DROP))
                .map(e -> e.timeS())
                .orElse(Double.NaN);
        return new CoolingView(nowS - zeroS - dropS, settings.coolingS());
    }

    private int pops() {
        List<Read> readings = batch.map(RoastBatch::readings).orElse(List.of());
        OptionalDouble first = readings.stream()
                .map(Read::pops)
                .filter(OptionalDouble::isPresent)
                .findFirst()
                .orElse(OptionalDouble.empty());
        OptionalDouble newest = roaster.last().map(Read::pops).orElse(OptionalDouble.empty());
        return first.isEmpty() || newest.isEmpty() ? 0 : (int) Math.max(0, newest.getAsDouble() - first.getAsDouble());
    }

    private BatchView batchView(RoastBatch b) {
        Prepared p = Objects.requireNonNull(prepared);
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
                b.kind() == RoastKind.WARM_UP,
                b.roastId().orElse(null));
    }

    private LinkView linkView() {
        boolean byHand = settings.linkOrByHand().byHandOnly();
        Optional<String> lost = roaster.lost();
        boolean openProbe = roaster.now().filter(r -> r.beanC().isEmpty()).isPresent();
        LinkStatus status = byHand
                ? LinkStatus.BY_HAND
                : lost.isPresent()
                        ? LinkStatus.LOST
                        : roaster.frozen() ? LinkStatus.FROZEN : openProbe ? LinkStatus.PROBE : LinkStatus.OK;
        String text = switch (status) {
            case BY_HAND -> "Temperatures are typed in";
            case LOST -> lost.orElseThrow();
            case FROZEN -> "The bean probe stands still: it reads the very same for long. Look at the probe.";
            case PROBE -> "The bean probe does not answer. Is its plug in?";
            case OK -> "";
        };
        return new LinkView(
                status,
                text,
                batch.map(b -> b.readings().size()).orElse(0),
                roaster.refused(),
                batch.map(b -> b.gaps().size()).orElse(0),
                journal.waiting(),
                journal.trouble()
                        .map(t -> "The disk takes no more readings (" + t
                                + "). The roast goes on in memory: make room on the disk, do not end Barrowmist.")
                        .orElse(null));
    }
}
