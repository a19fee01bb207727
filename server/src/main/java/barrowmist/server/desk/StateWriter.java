package barrowmist.server.desk;

import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.PlanFigure;
import barrowmist.core.plan.live.ChargeGate;
import barrowmist.core.plan.live.LiveRoast;
import barrowmist.core.plan.live.Outlook;
import barrowmist.core.plan.live.Outlook.Expected;
import barrowmist.core.plan.live.ProtocolRun;
import barrowmist.core.plan.live.TurningVerdict;
import barrowmist.core.plan.live.WarningText;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskLine.Read;
import barrowmist.server.desk.DeskViews.EntryView;
import barrowmist.server.desk.DeskViews.ExpectedView;
import barrowmist.server.desk.DeskViews.FiguresNow;
import barrowmist.server.desk.DeskViews.GateView;
import barrowmist.server.desk.DeskViews.NextMoveView;
import barrowmist.server.desk.DeskViews.OutlookView;
import barrowmist.server.desk.DeskViews.ProtocolView;
import barrowmist.server.desk.DeskViews.ReadingsView;
import barrowmist.server.desk.DeskViews.WarningView;
import barrowmist.server.roast.MachineSettings.ProtocolStepView;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Optionals;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Writes a batch for the wire. */
final class StateWriter {

    private static final int EVERY_AHEAD = 3;
    private static final double CHANGE_OVER_S = 30;
    private static final double TENTH = 10;

    private StateWriter() {}

    static @Nullable Double tenth(OptionalDouble v) {
        return v.isPresent() ? Math.round(TENTH * v.getAsDouble()) / TENTH : null;
    }

    /** Readings from an index on, with times from the batch's zero; none without a batch. */
    static ReadingsView readings(Optional<Batch> of, int from) {
        if (of.isEmpty()) {
            return new ReadingsView(0, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), 0);
        }
        Batch batch = of.get();
        double zeroS = batch.zeroS();
        List<Double> t = new ArrayList<>();
        List<@Nullable Double> bean = new ArrayList<>();
        List<@Nullable Double> environment = new ArrayList<>();
        List<@Nullable Double> ror = new ArrayList<>();
        List<@Nullable Double> gas = new ArrayList<>();
        List<@Nullable Double> air = new ArrayList<>();
        for (int i = Math.max(0, from); i < batch.readings().size(); i++) {
            Read r = batch.readings().get(i);
            t.add(Math.round(100 * (r.reading().timeS() - zeroS)) / 100.0);
            bean.add(tenth(r.reading().beanC()));
            environment.add(tenth(r.reading().environmentC()));
            ror.add(tenth(batch.rates().get(i)));
            gas.add(tenth(r.reading().gasPct()));
            air.add(tenth(r.reading().airflowPct()));
        }
        return new ReadingsView(Math.max(0, from), t, bean, environment, ror, gas, air, zeroS);
    }

    static GateView gate(ChargeGate g) {
        boolean read = g.call() != ChargeGate.Call.NO_READING;
        return new GateView(
                Codes.of(g.call()),
                read ? g.bean().readC() : null,
                g.bean().fromC(),
                g.bean().toC(),
                g.environment().map(ChargeGate.Against::readC).orElse(null),
                g.environment().map(ChargeGate.Against::fromC).orElse(null),
                g.environment().map(ChargeGate.Against::toC).orElse(null),
                Optionals.orNull(g.inS()));
    }

    static ProtocolView protocol(ProtocolRun run, double nowS) {
        return new ProtocolView(
                run.steps().stream().map(ProtocolStepView::of).toList(),
                run.at(),
                run.elapsedS(nowS),
                run.stepElapsedS(nowS),
                run.needsHand());
    }

    static FiguresNow figures(
            OptionalDouble bean, OptionalDouble environment, Optional<LiveRoast> live, double nowS, Read last) {
        if (live.isEmpty()) {
            return new FiguresNow(
                    tenth(bean),
                    tenth(environment),
                    null,
                    null,
                    last == null ? null : tenth(last.reading().gasPct()),
                    last == null ? null : tenth(last.reading().airflowPct()),
                    last == null ? null : tenth(last.reading().drumRpm()),
                    null,
                    null,
                    null);
        }
        var curve = live.get().curve();
        OptionalDouble change = curve.rorTrend(curve.lastS() - CHANGE_OVER_S, curve.lastS())
                .map(f -> OptionalDouble.of(f.slopePerS() * CHANGE_OVER_S))
                .orElse(OptionalDouble.empty());
        RoastEvents known = live.get().known();
        OptionalDouble crack = known.timeS(EventKind.FIRST_CRACK);
        OptionalDouble dry = known.timeS(EventKind.DRY_END);
        double from = crack.orElse(dry.orElse(0));
        String phase = crack.isPresent() ? "development" : dry.isPresent() ? "browning" : "drying";
        var levels = live.get().levels();
        return new FiguresNow(
                tenth(bean),
                tenth(environment),
                tenth(curve.rorCPerMin()),
                curve.rorCPerMin().isPresent() ? tenth(change) : null,
                curve.gasPct().isPresent() ? levels.gasPct() : null,
                curve.airflowPct().isPresent() ? levels.airflowPct() : null,
                tenth(curve.drumRpm()),
                nowS - from,
                nowS > 0 ? 100 * (nowS - from) / nowS : null,
                phase);
    }

    static List<EntryView> entries(Batch batch, double zeroS) {
        return batch.standing().stream()
                .filter(e -> !e.kind().equals(Batch.WEIGHED))
                .map(e -> {
                    double t = e.timeS() - zeroS;
                    OptionalDouble at = EventKind.parse(e.kind()).isPresent()
                            ? batch.live().map(l -> l.curve().beanC(t)).orElse(OptionalDouble.empty())
                            : OptionalDouble.empty();
                    return new EntryView(
                            e.seq(),
                            e.kind(),
                            t,
                            e.isControl() ? e.value() : null,
                            e.text().isEmpty() ? null : e.text(),
                            tenth(at));
                })
                .toList();
    }

    static @Nullable String turning(LiveRoast live) {
        Optional<Double> wanted = Optional.ofNullable(
                        live.setup().targets().aims().get(PlanFigure.DRY_END_S))
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
        for (int i = 0; i < ahead.size(); i += EVERY_AHEAD) {
            t.add((double) Math.round(ahead.timeS(i)));
            c.add(Math.round(TENTH * ahead.value(i)) / TENTH);
        }
        return new OutlookView(
                planned,
                expected(o.dryEndS()),
                expected(o.firstCrackS()),
                expected(o.rorAtFirstCrackCPerMin()),
                expected(o.dropS()),
                expected(o.dropC()),
                expected(o.developmentS()),
                expected(o.developmentPct()),
                t,
                c);
    }

    private static @Nullable ExpectedView expected(Optional<Expected> e) {
        return e.map(x -> new ExpectedView(x.value(), x.plusMinus())).orElse(null);
    }

    static @Nullable NextMoveView next(LiveRoast live, Wording wording) {
        return live.next()
                .map(n -> {
                    ControlStep step = n.step();
                    return new NextMoveView(
                            step.control().name().toLowerCase(Locale.ROOT),
                            step.control().of(live.levels()),
                            step.value(),
                            Optionals.orNull(n.inS()),
                            step.when().text(wording));
                })
                .orElse(null);
    }

    static @Nullable WarningView warning(LiveRoast live, Wording wording) {
        return live.warning()
                .map(w -> {
                    WarningText text = WarningText.of(w, wording);
                    return new WarningView(w.kind().code(), w.sinceS(), text.title(), text.says(), text.answer());
                })
                .orElse(null);
    }
}
