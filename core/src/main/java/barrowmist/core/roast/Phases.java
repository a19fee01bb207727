package barrowmist.core.roast;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The three phases of a roast. A phase whose ends are not both known is empty.
 *
 * @param drying charge to dry end
 * @param browning dry end to first crack
 * @param development first crack to drop
 */
public record Phases(Optional<Phase> drying, Optional<Phase> browning, Optional<Phase> development) {

    /**
     * One phase.
     *
     * @param fromS start, s since charge
     * @param toS end, s since charge
     * @param sharePct share of the total time from charge to drop, %; empty while the drop is not known
     * @param riseC degrees risen, °C, from the lowest point on for drying
     * @param meanRorCPerMin degrees risen for each minute, °C/min
     */
    public record Phase(double fromS, double toS, OptionalDouble sharePct, double riseC, double meanRorCPerMin) {

        public double durationS() {
            return toS - fromS;
        }
    }

    /** Works out the phases from what is known; times since charge, so charge itself is 0. */
    static Phases of(
            Optional<Milestone> turningPoint,
            Optional<Milestone> dryEnd,
            Optional<Milestone> firstCrack,
            Optional<Milestone> drop) {
        OptionalDouble total = drop.stream().mapToDouble(Milestone::timeS).findFirst();
        return new Phases(
                dryEnd.map(end -> drying(turningPoint, end, total)),
                between(dryEnd, firstCrack, total),
                between(firstCrack, drop, total));
    }

    private static Phase drying(Optional<Milestone> turningPoint, Milestone end, OptionalDouble totalS) {
        Milestone low = turningPoint.orElse(end);
        double rise = end.beanC() - low.beanC();
        return new Phase(0, end.timeS(), share(end.timeS(), totalS), rise, rate(rise, end.timeS() - low.timeS()));
    }

    private static Optional<Phase> between(Optional<Milestone> from, Optional<Milestone> to, OptionalDouble totalS) {
        return from.flatMap(a -> to.map(b -> {
            double duration = b.timeS() - a.timeS();
            double rise = b.beanC() - a.beanC();
            return new Phase(a.timeS(), b.timeS(), share(duration, totalS), rise, rate(rise, duration));
        }));
    }

    private static OptionalDouble share(double durationS, OptionalDouble totalS) {
        boolean known = totalS.isPresent() && totalS.getAsDouble() > 0;
        return known ? OptionalDouble.of(100 * durationS / totalS.getAsDouble()) : OptionalDouble.empty();
    }

    private static double rate(double riseC, double durationS) {
        return durationS > 0 ? riseC / durationS * RateOfRise.SECONDS_PER_MINUTE : 0;
    }
}
