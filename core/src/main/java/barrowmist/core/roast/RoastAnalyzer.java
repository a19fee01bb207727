package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Works a roast out from its log and events. Pure: the same log and events give the same analysis. */
public final class RoastAnalyzer {

    /** Version of these rules; stored beside figures made by them, which are made anew when it changes. */
    public static final int RULES_VERSION = 7;

    /** Rate of rise is shown up to this far from a marked event, s. */
    private static final double NEAR_S = 10;

    private final FaultSettings settings;

    public RoastAnalyzer(FaultSettings settings) {
        this.settings = settings;
    }

    /**
     * @param log readings on the clock of the log
     * @param events events on the same clock
     * @param usualPeak where this roaster's rate of rise usually peaks with such coffee, °C/min
     */
    public RoastAnalysis analyze(RoastLog log, RoastEvents events, Band usualPeak) {
        double chargeS = events.timeS(EventKind.CHARGE).orElse(0);
        RoastLog sinceCharge = log.shifted(-chargeS);
        RoastEvents marked = events.shifted(-chargeS);
        boolean charged = events.find(EventKind.CHARGE).isPresent();
        double dropS = marked.timeS(EventKind.DROP).orElse(Double.MAX_VALUE);
        Series bean = sinceCharge.beanC().slice(0, dropS, 0);

        Optional<Milestone> turning = marked.timeS(EventKind.TURNING_POINT).isPresent()
                ? milestone(bean, marked, EventKind.TURNING_POINT)
                : charged ? BeanCurve.turningPoint(bean) : Optional.empty();
        Series ror = turning.map(tp -> RateOfRise.centred(bean).slice(tp.timeS(), dropS, 0))
                .orElse(Series.empty());
        Optional<RorPoint> peak = peak(ror);
        RoastFigures figures = charged
                ? figures(sinceCharge, bean, ror, marked, turning, peak)
                : new RoastFigures(
                        OptionalDouble.empty(),
                        turning,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        peak);
        FaultFinder.Found found = peak.map(p -> faults(sinceCharge, bean, ror, marked, p, usualPeak))
                .orElse(new FaultFinder.Found(List.of(), List.of()));
        return new RoastAnalysis(
                sinceCharge,
                ror,
                figures,
                found.faults(),
                settings,
                missing(marked, turning),
                notices(bean, found.meant()));
    }

    /** Of a roast whose charge is marked: every time and phase counts from it. */
    private static RoastFigures figures(
            RoastLog sinceCharge,
            Series bean,
            Series ror,
            RoastEvents marked,
            Optional<Milestone> turning,
            Optional<RorPoint> peak) {
        Optional<Milestone> dryEnd = milestone(bean, marked, EventKind.DRY_END);
        Optional<Milestone> crack = milestone(bean, marked, EventKind.FIRST_CRACK);
        Optional<Milestone> drop = milestone(bean, marked, EventKind.DROP);
        return new RoastFigures(
                BeanCurve.charge(sinceCharge.beanC()),
                turning,
                dryEnd,
                crack,
                drop,
                rorAt(ror, crack),
                rorAt(ror, drop),
                peak,
                crack.isPresent()
                        ? rorAt(ror, crack.get().timeS() - RoastFigures.BEFORE_CRACK_S)
                        : OptionalDouble.empty(),
                EnvironmentFigures.of(
                        sinceCharge.environmentC(),
                        marked,
                        turning.map(Milestone::timeS).orElse(0.0),
                        marked.timeS(EventKind.DROP).orElse(Double.MAX_VALUE)),
                sinceCharge.drumRpm().heldMean(0, marked.timeS(EventKind.DROP).orElse(Double.MAX_VALUE)),
                GasFigures.of(sinceCharge.gasPct(), dryEnd, crack, drop));
    }

    private FaultFinder.Found faults(
            RoastLog sinceCharge, Series bean, Series ror, RoastEvents marked, RorPoint peak, Band usualPeak) {
        return FaultFinder.find(
                ror,
                RateOfRise.noiseCPerMin(bean),
                RateOfRise.gapS(bean),
                sinceCharge,
                marked,
                peak,
                usualPeak,
                settings);
    }

    private static Optional<Milestone> milestone(Series bean, RoastEvents events, EventKind kind) {
        OptionalDouble at = events.timeS(kind);
        if (at.isEmpty()) {
            return Optional.empty();
        }
        return BeanCurve.at(bean, at.getAsDouble()).stream()
                .mapToObj(c -> new Milestone(at.getAsDouble(), c))
                .findFirst();
    }

    private static Optional<RorPoint> peak(Series ror) {
        if (ror.isEmpty()) {
            return Optional.empty();
        }
        int best = 0;
        for (int i = 1; i < ror.size(); i++) {
            best = ror.value(i) > ror.value(best) ? i : best;
        }
        return Optional.of(new RorPoint(ror.timeS(best), ror.value(best)));
    }

    private static OptionalDouble rorAt(Series ror, Optional<Milestone> milestone) {
        return milestone.isEmpty()
                ? OptionalDouble.empty()
                : rorAt(ror, milestone.get().timeS());
    }

    private static OptionalDouble rorAt(Series ror, double t) {
        if (ror.isEmpty()) {
            return OptionalDouble.empty();
        }
        int after = Math.min(ror.indexFrom(t), ror.size() - 1);
        int before = Math.max(0, after - 1);
        int nearest = Math.abs(ror.timeS(after) - t) <= Math.abs(ror.timeS(before) - t) ? after : before;
        boolean near = Math.abs(ror.timeS(nearest) - t) <= NEAR_S;
        return near ? OptionalDouble.of(ror.value(nearest)) : OptionalDouble.empty();
    }

    private static List<String> missing(RoastEvents events, Optional<Milestone> turning) {
        List<String> missing = new ArrayList<>();
        require(missing, events, EventKind.CHARGE, "every time and phase counts from it");
        require(missing, events, EventKind.DRY_END, "it ends drying and begins browning");
        require(missing, events, EventKind.FIRST_CRACK, "browning and development hang on it");
        require(missing, events, EventKind.DROP, "the total and every share hang on it");
        if (turning.isEmpty() && events.find(EventKind.CHARGE).isPresent()) {
            missing.add("No turning point: the bean readings do not fall and turn within 5:00 of charge."
                    + " Check where charge is marked.");
        }
        return List.copyOf(missing);
    }

    private static void require(List<String> missing, RoastEvents events, EventKind kind, String why) {
        if (events.find(kind).isEmpty()) {
            String label = kind.label();
            missing.add(Character.toUpperCase(label.charAt(0)) + label.substring(1) + " is not marked: " + why + ".");
        }
    }

    private static List<String> notices(Series bean, List<String> meant) {
        List<String> notices = new ArrayList<>(meant);
        double gapS = RateOfRise.gapS(bean);
        for (int i = 1; i < bean.size(); i++) {
            double lengthS = bean.timeS(i) - bean.timeS(i - 1);
            if (lengthS > gapS) {
                notices.add("No bean reading from %s to %s (%d s): no rate of rise and no faults can be seen there."
                        .formatted(Clock.text(bean.timeS(i - 1)), Clock.text(bean.timeS(i)), Math.round(lengthS)));
            }
        }
        return List.copyOf(notices);
    }
}
