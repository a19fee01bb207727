package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds stalls: the rate of rise is low and stops declining, or lies near zero. */
final class StallFinder {

    /**
     * The standard deviation of the change in a minute, fitted over T seconds of readings with this noise in their rate, is
     * so much times the noise over T to the power 5/2: the variance of a quadratic's bend, 720 σ² / (n T⁴), in terms of the
     * slope's over {@link RateOfRise#WINDOW_S}, 12 σ² / (n T²).
     */
    private static final double BEND_NOISE = 76_000;

    private static final double BEND_POWER = 2.5;

    /** A change is told from none when it is so many standard deviations. */
    private static final double SURE_SDS = 3;

    private static final double LEAST_CHANGE_C_PER_MIN = 0.1;

    /** Readings of a flat stretch stay this near to its line, °C/min, or it is a dip that came back (house default). */
    private static final double FLAT_WITHIN_C_PER_MIN = 0.5;

    private static final double NOISE_SDS = 3;

    /** The decline that a flat stretch lacks is read from so many seconds before it. */
    private static final double BEFORE_S = 120;

    private final RorTrace ror;
    private final FaultSettings settings;

    StallFinder(RorTrace ror, FaultSettings settings) {
        this.ror = ror;
        this.settings = settings;
    }

    List<Fault> find() {
        List<Fault> stalls = new ArrayList<>(flat());
        stalls.addAll(nearZero());
        return merged(stalls);
    }

    private List<Fault> flat() {
        double within = Math.max(FLAT_WITHIN_C_PER_MIN, NOISE_SDS * ror.noise());
        List<Fault> found = new ArrayList<>();
        int from = -1;
        int to = -1;
        for (int a = ror.first(); a < ror.size(); a++) {
            double least = Math.max(LEAST_CHANGE_C_PER_MIN, settings.leastChange(ror.r()[a]));
            int b = ror.indexFrom(a, ror.t()[a] + windowS(least));
            if (b == ror.size()) {
                break;
            }
            LocalFit line = LocalFit.of(ror.t(), ror.r(), a, b + 1, ror.t()[a], false);
            if (settings.low(line.value())
                    && Math.abs(line.slopePerS()) * settings.stallHoldS() < least
                    && staysNear(line, a, b, within)) {
                if (from >= 0 && a > to) {
                    found.add(flatFault(from, to));
                    from = -1;
                }
                from = from < 0 ? a : from;
                to = b;
            }
        }
        if (from >= 0) {
            found.add(flatFault(from, to));
        }
        return found;
    }

    /** How long it takes to tell such a change from none, s. */
    private double windowS(double least) {
        double needed = Math.pow(BEND_NOISE * SURE_SDS * ror.noise() / least, 1 / BEND_POWER);
        return Math.max(settings.stallHoldS(), needed);
    }

    private boolean staysNear(LocalFit line, int a, int b, double within) {
        for (int i = a; i <= b; i++) {
            double fitted = line.value() + line.slopePerS() * (ror.t()[i] - ror.t()[a]);
            if (Math.abs(ror.r()[i] - fitted) > within) {
                return false;
            }
        }
        return true;
    }

    private Fault flatFault(int from, int to) {
        double durationS = ror.t()[to] - ror.t()[from];
        int before = ror.indexFrom(0, ror.t()[from] - BEFORE_S);
        double slopePerS = from - before < 3
                ? 0
                : Math.min(
                        0,
                        LocalFit.of(ror.t(), ror.r(), before, from + 1, ror.t()[from], false)
                                .slopePerS());
        double lacking = Math.max(0, ror.r()[to] - Math.max(0, ror.r()[from] + slopePerS * durationS));
        return new Fault(Fault.Kind.STALL, ror.t()[from], ror.t()[to], lacking, ror.r()[from], ror.r()[to]);
    }

    private List<Fault> nearZero() {
        List<Fault> found = new ArrayList<>();
        double level = settings.stalledCPerMin();
        for (int a = ror.first(); a < ror.size(); ) {
            int b = a;
            double sum = 0;
            while (b < ror.size() && ror.r()[b] < level) {
                sum += ror.r()[b++];
            }
            if (b > a && ror.t()[b - 1] - ror.t()[a] >= settings.stalledHoldS()) {
                found.add(new Fault(
                        Fault.Kind.STALL,
                        ror.t()[a],
                        ror.t()[b - 1],
                        level - sum / (b - a),
                        ror.r()[a],
                        ror.r()[b - 1]));
            }
            a = Math.max(b, a + 1);
        }
        return found;
    }

    private static List<Fault> merged(List<Fault> stalls) {
        List<Fault> out = new ArrayList<>();
        stalls.sort(Comparator.comparingDouble(Fault::fromS));
        for (Fault stall : stalls) {
            Fault last = out.isEmpty() ? null : out.get(out.size() - 1);
            if (last != null && stall.fromS() <= last.toS()) {
                Fault later = stall.toS() > last.toS() ? stall : last;
                double depth = Math.max(last.depthCPerMin(), stall.depthCPerMin());
                out.set(
                        out.size() - 1,
                        new Fault(
                                Fault.Kind.STALL,
                                last.fromS(),
                                later.toS(),
                                depth,
                                last.fromCPerMin(),
                                later.toCPerMin()));
            } else {
                out.add(stall);
            }
        }
        return out;
    }
}
