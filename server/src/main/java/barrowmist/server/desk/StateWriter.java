package barrowmist.server.desk;

import barrowmist.core.check.Coded;
import barrowmist.core.desk.ChargeGate;
import barrowmist.core.desk.EntryRules;
import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.LiveRoast;
import barrowmist.core.desk.Outlook;
import barrowmist.core.desk.ProtocolRun;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.desk.TurningVerdict;
import barrowmist.core.desk.WarningText;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.EntryView;
import barrowmist.server.desk.DeskViews.GateView;
import barrowmist.server.desk.DeskViews.ProtocolView;
import barrowmist.server.desk.DeskViews.WarningView;
import barrowmist.server.desk.OutlookViews.NextMoveView;
import barrowmist.server.desk.OutlookViews.OutlookView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Writes a batch for the wire. */
final class StateWriter {

    private static final int EVERY_AHEAD = 3;
    private static final double TENTH = 10;

    private StateWriter() {}

    static GateView gate(ChargeGate g) {
        boolean read = g.call() != ChargeGate.Call.NO_READING;
        return new GateView(
                g.call(),
                read ? g.bean().readC() : null,
                g.bean().fromC(),
                g.bean().toC(),
                g.environment().map(ChargeGate.Against::readC).orElse(null),
                g.environment().map(ChargeGate.Against::fromC).orElse(null),
                g.environment().map(ChargeGate.Against::toC).orElse(null),
                g.inS());
    }

    static ProtocolView protocol(ProtocolRun run, double nowS) {
        return new ProtocolView(run.steps(), run.at(), run.elapsedS(nowS), run.stepElapsedS(nowS), run.needsHand());
    }

    static List<EntryView> entries(RoastBatch batch, double zeroS) {
        return batch.standing().stream()
                .filter(e -> !e.kind().equals(RoastBatch.WEIGHED) && !e.kind().equals(Entry.WARM_UP))
                .map(e -> {
                    double t = e.timeS() - zeroS;
                    OptionalDouble at = Coded.find(EventKind.class, e.kind()).isPresent()
                                    || e.kind().equals(Entry.PULL)
                            ? batch.beanC(e.timeS())
                            : OptionalDouble.empty();
                    return new EntryView(
                            e.seq(),
                            e.kind(),
                            t,
                            EntryRules.hasValue(e.kind()) ? e.value() : null,
                            e.text().isEmpty() ? null : e.text(),
                            FiguresWriter.tenth(at));
                })
                .toList();
    }

    static @Nullable String turning(LiveRoast live) {
        Optional<Double> wanted = Optional.ofNullable(
                        live.setup().targets().aims().get(KeyFigure.DRY_END_S))
                .map(a -> a.value());
        return live.curve()
                .turningPoint()
                .map(t -> TurningVerdict.of(
                                t, live.setup().reference(), live.outlook().flatMap(Outlook::dryEndS), wanted)
                        .text())
                .orElse(null);
    }

    static OutlookView outlook(Outlook o, boolean planned) {
        List<Double> t = new ArrayList<>();
        List<Double> c = new ArrayList<>();
        Series ahead = o.ahead().beanC();
        // a curve of the model beside times that are not its own would say two things
        boolean own = o.by().filter(by -> by != Outlook.By.MODEL).isEmpty();
        for (int i = 0; own && i < ahead.size(); i += EVERY_AHEAD) {
            t.add((double) Math.round(ahead.timeS(i)));
            c.add(Math.round(TENTH * ahead.value(i)) / TENTH);
        }
        return new OutlookView(
                planned,
                o.dryEndS(),
                o.firstCrackS(),
                o.rorAtFirstCrackCPerMin(),
                o.dropS(),
                o.dropC(),
                o.developmentS(),
                o.developmentPct(),
                t,
                c);
    }

    static @Nullable NextMoveView next(LiveRoast live, Wording wording) {
        return live.next()
                .map(n -> {
                    ControlStep step = n.step();
                    return new NextMoveView(
                            step.control(),
                            step.control().of(live.levels()),
                            step.value(),
                            n.inS(),
                            step.when().text(wording));
                })
                .orElse(null);
    }

    static @Nullable WarningView warning(LiveRoast live, Wording wording) {
        return live.warning()
                .map(w -> {
                    WarningText text = WarningText.of(w, wording);
                    return new WarningView(
                            w.kind().code(),
                            w.kind().safety(),
                            w.kind().overrun(),
                            w.sinceS(),
                            text.title(),
                            text.says(),
                            text.answer());
                })
                .orElse(null);
    }
}
