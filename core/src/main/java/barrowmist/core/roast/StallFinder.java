package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds stalls: the rate of rise stops declining, or lies near zero. */
final class StallFinder {

    /** A slope of this noise can be judged over the settings' own time; more noise needs longer, °C/min. */
    private static final double QUIET_NOISE_C_PER_MIN = 0.1;

    /** The standard deviation of a fitted change falls with the window to the power 3/2. */
    private static final double NOISE_EXPONENT = 2.0 / 3;

    /** Readings of a flat stretch stay this near to its line, °C/min, or it is a dip that came back (house default). */
    private static final double FLAT_WITHIN_C_PER_MIN = 0.5;

    private static final double NOISE_SDS = 3;

    private static final double SECONDS = 60;

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
        double longer = Math.pow(Math.max(1, ror.noise() / QUIET_NOISE_C_PER_MIN), NOISE_EXPONENT);
        double windowS = settings.stallHoldS() * longer;
        double flatSlopePerS = settings.stallChangeCPerMin() / settings.stallHoldS();
        double within = Math.max(FLAT_WITHIN_C_PER_MIN, NOISE_SDS * ror.noise());
        List<Fault> found = new ArrayList<>();
        int from = -1;
        int to = -1;
        for (int a = ror.first(); a < ror.size(); a++) {
            int b = ror.indexFrom(a, ror.t()[a] + windowS);
            if (b == ror.size()) {
                break;
            }
            LocalFit line = LocalFit.of(ror.t(), ror.r(), a, b + 1, ror.t()[a], false);
            double falling = FaultSettings.FALLS_SHARE * Math.max(0, line.value()) / SECONDS;
            if (Math.abs(line.slopePerS()) < Math.min(flatSlopePerS, falling) && staysNear(line, a, b, within)) {
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
