package barrowmist.core.roast;

import java.util.Optional;
import java.util.OptionalDouble;

/** Reads points off a bean curve. */
final class BeanCurve {

    /** Readings this near to a time speak for it, s either side. */
    private static final double NEAR_S = 6;

    /** Latest turning point looked for, s after charge: a drum that still falls then was not charged (house default). */
    private static final double LATEST_TURNING_POINT_S = 300;

    /** Half width of the fit about the lowest readings, s. */
    private static final double TURNING_HALF_WINDOW_S = 10;

    /** The readings must have fallen by this much before they turn, or there was no charge in the log, °C. */
    private static final double LEAST_FALL_C = 5;

    private BeanCurve() {}

    /** Bean temperature at {@code timeS}, °C; empty when no reading is near. */
    static OptionalDouble at(Series beanC, double timeS) {
        double near = Math.max(NEAR_S, 1.5 * beanC.medianSpacingS());
        int from = beanC.indexFrom(timeS - near);
        int to = from;
        while (to < beanC.size() && beanC.timeS(to) <= timeS + near) {
            to++;
        }
        if (to == from || alone(beanC, from, to, timeS)) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(LocalFit.of(beanC.timesS(), beanC.values(), from, to, timeS, false)
                .value());
    }

    /** Whether all readings lie on one side of a moment, and none of them near: a curve is not drawn on from them. */
    private static boolean alone(Series beanC, int from, int to, double timeS) {
        double before = timeS - beanC.timeS(from);
        double after = beanC.timeS(to - 1) - timeS;
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = from; i < to; i++) {
            nearest = Math.min(nearest, Math.abs(beanC.timeS(i) - timeS));
        }
        boolean oneSided = before < 0 || after < 0;
        return oneSided && nearest > Math.max(NEAR_S, beanC.medianSpacingS() / 2);
    }

    /**
     * The charge temperature: the reading at or just after charge, before the probe falls, °C. A fit across the charge
     * would mix in the fall.
     */
    static OptionalDouble charge(Series beanC) {
        int i = beanC.indexFrom(0);
        boolean there = i < beanC.size() && beanC.timeS(i) <= NEAR_S;
        return there ? OptionalDouble.of(beanC.value(i)) : OptionalDouble.empty();
    }

    /**
     * The turning point: where the bean reading stops falling after charge, found as the vertex of a parabola through
     * the lowest readings.
     *
     * @param beanC readings since charge
     * @return empty when the readings do not fall, or never turn, within {@value #LATEST_TURNING_POINT_S} s
     */
    static Optional<Milestone> turningPoint(Series beanC) {
        Series early = beanC.slice(0, LATEST_TURNING_POINT_S, 0);
        if (early.size() < 3) {
            return Optional.empty();
        }
        double[] t = early.timesS();
        double[] v = early.values();
        int lowest = 0;
        for (int i = 1; i < t.length; i++) {
            if (v[i] < v[lowest]) {
                lowest = i;
            }
        }
        boolean fellAndTurned = v[0] - v[lowest] >= LEAST_FALL_C && lowest < t.length - 2;
        if (!fellAndTurned) {
            return Optional.empty();
        }
        double half = Math.max(TURNING_HALF_WINDOW_S, 2 * early.medianSpacingS());
        int from = early.indexFrom(t[lowest] - half);
        int to = Math.min(t.length, Math.max(early.indexFrom(t[lowest] + half), lowest + 2));
        LocalFit fit = LocalFit.of(t, v, from, to, t[lowest], true);
        double shift = fit.curvaturePerS2() > 0 ? -fit.slopePerS() / fit.curvaturePerS2() : 0;
        if (Math.abs(shift) > half) {
            return Optional.of(new Milestone(t[lowest], v[lowest]));
        }
        double value = fit.value() + fit.slopePerS() * shift + fit.curvaturePerS2() * shift * shift / 2;
        return Optional.of(new Milestone(t[lowest] + shift, value));
    }
}
