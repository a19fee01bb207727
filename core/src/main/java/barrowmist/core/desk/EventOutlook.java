package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.By;
import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.machine.OutlookRecord.Span;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.Optional;
import java.util.OptionalDouble;

/** When an event of a roast under way will come, and how sure that is by the record of whoever says so. */
final class EventOutlook {

    /** How much further off an expectation without a record is for each second that lies before it (house default). */
    private static final double GROWS = 0.045;

    private static final double LEAST_S = 1.5;

    /** Slower than this a temperature is hardly reached at all, °C/min. */
    private static final double SLOWEST_C_PER_MIN = 2;

    private static final double SLOPE_HALF_S = 12;
    private static final double SECONDS = 60;

    /** Nearer than this no look was taken when a way of looking ahead was tried, s. */
    private static final double LEAST_LOOK_S = 30;

    private final LiveSetup setup;

    EventOutlook(LiveSetup setup) {
        this.setup = setup;
    }

    /**
     * What is seen at one moment.
     *
     * @param timeS s since charge
     * @param beanC bean probe, °C
     * @param rate rate of rise, °C/min; empty before it has a meaning
     * @param called the events so far
     * @param ahead what the model expects of the probes; empty series without one
     */
    record Now(double timeS, double beanC, OptionalDouble rate, RoastEvents called, RoastLog ahead) {}

    /** When an event comes, by whichever has told such events better on this machine. */
    Optional<Expected> event(Now now, EventKind kind, double levelC, double sdC) {
        if (now.called.find(kind).isPresent()) {
            return Optional.empty();
        }
        Optional<Expected> model = ofModel(now, kind, levelC, sdC);
        Optional<Expected> pace = ofPace(now, kind, levelC, sdC);
        return model.isEmpty()
                        || pace.isPresent()
                                && pace.get().plusMinus() < model.get().plusMinus()
                ? pace
                : model;
    }

    /** Corrected by how far off it was in this machine's roasts. */
    private Optional<Expected> ofModel(Now now, EventKind kind, double levelC, double sdC) {
        Series bean = now.ahead.beanC();
        if (bean.isEmpty()) {
            return Optional.empty();
        }
        boolean there = bean.size() > 1 && bean.value(0) >= levelC && bean.value(1) > bean.value(0);
        OptionalDouble at = there ? OptionalDouble.of(now.timeS) : bean.risesTo(levelC, now.timeS);
        if (at.isEmpty()) {
            return Optional.empty();
        }
        double aheadS = at.getAsDouble() - now.timeS;
        Optional<Span> span = setup.believed().flatMap(m -> m.outlooks().at(kind, aheadS));
        double off = span.map(Span::bias).orElse(0.0);
        double sd = span.map(s -> within(s, aheadS)).orElseGet(() -> grown(aheadS));
        return Optional.of(new Expected(
                Math.max(now.timeS, at.getAsDouble() - off),
                Math.hypot(sd, SECONDS * sdC / rate(bean, at.getAsDouble()))));
    }

    Optional<Expected> ofPace(Now now, EventKind kind, double levelC, double sdC) {
        boolean turned = now.called.find(EventKind.TURNING_POINT).isPresent();
        if (!turned || now.rate.isEmpty()) {
            return Optional.empty();
        }
        double rate = now.rate.getAsDouble();
        return setup.pace().until(now.beanC, rate, levelC).map(left -> {
            Optional<Span> span = setup.pace().record().at(kind, left.seconds());
            double off = span.map(Span::bias).orElse(0.0);
            double sd = span.map(s -> within(s, left.seconds())).orElse(left.plusMinus());
            return new Expected(
                    now.timeS + Math.max(0, left.seconds() - off),
                    Math.hypot(sd, SECONDS * sdC / Math.max(SLOWEST_C_PER_MIN, rate)),
                    By.PACE);
        });
    }

    /** What lies nearer than the looks of a span is told better than they. */
    private static double within(Span span, double aheadS) {
        return Math.max(LEAST_S, Math.min(span.sd(), LEAST_S + span.sd() * aheadS / LEAST_LOOK_S));
    }

    /** How far off a time is that lies so many seconds ahead, s: one standard deviation without a record. */
    static double grown(double aheadS) {
        return LEAST_S + GROWS * Math.max(0, aheadS);
    }

    /** Rate of rise of an expected curve, °C/min; never so low that a time by it would have no end. */
    static double rate(Series bean, double atS) {
        return Math.max(
                SLOWEST_C_PER_MIN, SECONDS * bean.slopeAbout(atS, SLOPE_HALF_S).orElse(0));
    }
}
