package barrowmist.server.desk;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Gap;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.Outlook;
import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.RateOfRise;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import barrowmist.server.disk.DiskRoom;
import barrowmist.server.roast.DeskRecord;
import barrowmist.server.roast.DeskRecord.Note;
import barrowmist.server.roast.DeskRecord.PredictionCheck;
import barrowmist.server.roast.DeskRecord.WarningGiven;
import barrowmist.server.roast.LiveKeep;
import barrowmist.server.roast.LiveRoasts;
import barrowmist.server.roast.Pull;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Hands a roast over when it is dropped. */
@Component
class RoastKeeper {

    /** Readings of the empty drum that are kept before the charge, s. */
    private static final double LEAD_S = 20;

    private final LiveRoasts roasts;

    private final DiskRoom room;

    private final Clock clock;

    RoastKeeper(LiveRoasts roasts, DiskRoom room, Clock clock) {
        this.roasts = roasts;
        this.room = room;
        this.clock = clock;
    }

    /** Keeps a dropped batch; the id of its roast. */
    long keep(long machineId, RoastBatch batch, String link, int refused) {
        room.needed();
        double charge = batch.chargeS().orElseThrow();
        RoastEvents events = batch.events();
        double dropS = events.timeS(EventKind.DROP).orElseThrow();
        List<Reading> all = readings(batch, charge, dropS);
        double zero = all.isEmpty() ? 0 : Math.min(0, all.get(0).timeS());
        LiveCurve curve = new LiveCurve();
        all.forEach(r -> curve.add(r.shifted(-zero)));
        return roasts.keep(new LiveKeep(
                batch.prepare().greenSampleId(),
                machineId,
                batch.prepare().planId(),
                batch.live().orElseThrow().setup().targets().madeFor(),
                batch.kind(),
                chargedAt(batch, dropS),
                curve.log(),
                events.shifted(-zero),
                batch.greenG(),
                pulls(batch, charge, dropS)
                        .map(p -> new Pull(p.timeS() - zero, p.grams()))
                        .toList(),
                record(batch, charge, link, refused)));
    }

    /** A roast that a stand-in ran through faster than time goes by ended now, and not in time to come. */
    private Instant chargedAt(RoastBatch batch, double totalS) {
        Instant latest = clock.instant().minusMillis(Math.round(totalS * 1000));
        return batch.chargedAt().isAfter(latest) ? latest : batch.chargedAt();
    }

    void takeBack(long roastId) {
        roasts.takeBack(roastId);
    }

    private static List<Reading> readings(RoastBatch batch, double charge, double dropS) {
        List<Reading> out = new ArrayList<>();
        for (Read r : batch.readings()) {
            double t = r.reading().timeS() - charge;
            if (t >= -LEAD_S && t <= dropS + 1) {
                out.add(r.reading().shifted(-charge));
            }
        }
        for (Entry e : batch.standing()) {
            double t = e.timeS() - charge;
            if (t <= dropS && e.isControl()) {
                out.add(e.control(t));
            }
        }
        out.sort(Comparator.comparingDouble(Reading::timeS));
        return out;
    }

    /**
     * s since the charge. None is taken but while it roasts: one that seems to come after the drop was drawn just before it, or the
     * drop was said to have been earlier.
     */
    private static Stream<Pull> pulls(RoastBatch batch, double charge, double dropS) {
        return batch.standing().stream()
                .filter(e -> e.kind().equals(Entry.PULL))
                .map(e -> new Pull(Math.min(e.timeS() - charge, dropS), e.value()));
    }

    private static DeskRecord record(RoastBatch batch, double charge, String link, int refused) {
        return new DeskRecord(
                link,
                refused,
                batch.gaps().stream()
                        .map(g -> new Gap(g.fromS() - charge, g.toS() - charge, g.reason()))
                        .toList(),
                batch.standing().stream()
                        .filter(e -> e.kind().equals(Entry.NOTE))
                        .map(e -> new Note(e.timeS() - charge, e.text()))
                        .toList(),
                predictions(batch),
                batch.warned().entrySet().stream()
                        .map(w -> new WarningGiven(w.getKey().code(), w.getValue()))
                        .toList());
    }

    private static List<PredictionCheck> predictions(RoastBatch batch) {
        RoastEvents came = batch.events();
        Series bean = batch.live().orElseThrow().curve().log().beanC();
        List<PredictionCheck> out = new ArrayList<>();
        batch.afterTurn().ifPresent(o -> {
            check(out, "turning-point", "dryEndS", o.dryEndS(), came.timeS(EventKind.DRY_END));
            check(out, "turning-point", "firstCrackS", o.firstCrackS(), came.timeS(EventKind.FIRST_CRACK));
        });
        batch.atDryEnd().ifPresent(o -> atDryEnd(out, o, came, bean));
        return out;
    }

    private static void atDryEnd(List<PredictionCheck> out, Outlook o, RoastEvents came, Series bean) {
        OptionalDouble crack = came.timeS(EventKind.FIRST_CRACK);
        check(out, "dry-end", "firstCrackS", o.firstCrackS(), crack);
        Series ror = RateOfRise.centred(bean);
        OptionalDouble rate = crack.isPresent() && !ror.isEmpty()
                ? OptionalDouble.of(ror.interpolated(crack.getAsDouble()))
                : OptionalDouble.empty();
        check(out, "dry-end", "rorAtFirstCrackCPerMin", o.rorAtFirstCrackCPerMin(), rate);
    }

    private static void check(
            List<PredictionCheck> out, String from, String figure, Optional<Expected> expected, OptionalDouble came) {
        expected.ifPresent(e -> out.add(new PredictionCheck(
                from, figure, e.value(), e.plusMinus(), came.isPresent() ? came.getAsDouble() : null)));
    }
}
