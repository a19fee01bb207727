package barrowmist.server.desk;

import barrowmist.core.desk.EventRules;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.LiveRoast;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.server.desk.DeskViews.FiguresNow;
import barrowmist.server.desk.DeskViews.ReadingsView;
import barrowmist.server.desk.DeskViews.StretchView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Writes readings, and the large figures made of them, for the wire. */
final class FiguresWriter {

    private static final double CHANGE_OVER_S = 30;
    private static final double TENTH = 10;

    private FiguresWriter() {}

    static @Nullable Double tenth(OptionalDouble v) {
        return v.isPresent() ? Math.round(TENTH * v.getAsDouble()) / TENTH : null;
    }

    /** Readings from an index on, with times from the batch's zero; none without a batch. */
    static ReadingsView readings(Optional<RoastBatch> of, int from) {
        if (of.isEmpty()) {
            return new ReadingsView(0, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), 0);
        }
        RoastBatch batch = of.get();
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

    /**
     * The large figures.
     *
     * @param last the newest reading, whether the roaster is still heard or not
     * @param live the roast since its charge; empty before it and after the drop
     * @param nowS s since charge
     */
    static FiguresNow figures(
            OptionalDouble bean,
            OptionalDouble environment,
            Optional<Read> last,
            Optional<LiveRoast> live,
            double nowS) {
        if (live.isEmpty()) {
            return new FiguresNow(
                    tenth(bean),
                    tenth(environment),
                    null,
                    null,
                    said(last, Reading::gasPct),
                    said(last, Reading::airflowPct),
                    said(last, Reading::drumRpm),
                    null,
                    OptionalDouble.empty(),
                    null);
        }
        LiveCurve curve = live.get().curve();
        List<EventRules.Stretch> stretches = EventRules.stretches(live.get().known(), nowS);
        EventRules.Stretch stretch = stretches.get(stretches.size() - 1);
        var levels = live.get().levels();
        return new FiguresNow(
                tenth(bean),
                tenth(environment),
                tenth(curve.rorCPerMin()),
                curve.rorCPerMin().isPresent() ? tenth(curve.rorChange(CHANGE_OVER_S)) : null,
                curve.gasPct().isPresent() ? levels.gasPct() : null,
                curve.airflowPct().isPresent() ? levels.airflowPct() : null,
                tenth(curve.drumRpm()),
                stretch.durationS(),
                stretch.sharePct(nowS),
                stretch.name());
    }

    private static @Nullable Double said(Optional<Read> last, Function<Reading, OptionalDouble> what) {
        return last.map(r -> tenth(what.apply(r.reading()))).orElse(null);
    }

    /** The stretches of a batch so far; none before the charge. */
    static List<StretchView> stretches(RoastBatch batch, double nowS) {
        RoastEvents called = batch.events();
        if (called.find(EventKind.CHARGE).isEmpty()) {
            return List.of();
        }
        double totalS = called.timeS(EventKind.DROP).orElse(nowS);
        return EventRules.stretches(called, nowS).stream()
                .map(s -> new StretchView(s.name(), s.fromS(), s.toS(), s.durationS(), s.sharePct(totalS)))
                .toList();
    }
}
