package barrowmist.core.roast;

/**
 * A steep fall of the rate of rise that is no crash: begun on purpose before first crack, steady, slowing afterwards, with
 * heat left in hand (common practice, no published source).
 */
final class IntendedFall {

    /** It starts at least so long before first crack, s (house default). */
    private static final double LEAD_S = 15;

    /** It is controlled: it takes at least so long, s; a crash is over sooner (house default). */
    private static final double LEAST_S = 30;

    /** It is steady: a straight line explains at least this share of its variance (house default). */
    private static final double STRAIGHTNESS = 0.9;

    /** It slows: afterwards it falls at most at this share of its former pace (house default). */
    private static final double SLOWING = 0.5;

    private static final double AFTERWARDS_S = 40;

    /** It leaves heat in hand: its low is at least this, °C/min (house default). */
    private static final double LOW_C_PER_MIN = 3;

    private IntendedFall() {}

    static boolean is(RorTrace ror, Fault fall) {
        boolean before = ror.firstCrackS().isPresent()
                && fall.fromS() <= ror.firstCrackS().getAsDouble() - LEAD_S;
        if (!before || fall.durationS() < LEAST_S || fall.toCPerMin() < LOW_C_PER_MIN) {
            return false;
        }
        int from = ror.indexFrom(0, fall.fromS());
        int to = ror.indexFrom(from, fall.toS()) + 1;
        LocalFit during = LocalFit.of(ror.t(), ror.r(), from, Math.min(to, ror.size()), fall.fromS(), false);
        int end = ror.indexFrom(to, fall.toS() + AFTERWARDS_S);
        if (end - to < 3) {
            return false;
        }
        double after = LocalFit.of(ror.t(), ror.r(), to, end, fall.toS(), false).slopePerS();
        boolean slows = after <= 0 ? after >= SLOWING * during.slopePerS() : after * AFTERWARDS_S < 1;
        return slows && straightness(ror, from, Math.min(to, ror.size()), during) >= STRAIGHTNESS;
    }

    /** Share of the variance that the line explains, in [0, 1]. */
    private static double straightness(RorTrace ror, int from, int to, LocalFit line) {
        double mean = 0;
        for (int i = from; i < to; i++) {
            mean += ror.r()[i] / (to - from);
        }
        double about = 0;
        double left = 0;
        for (int i = from; i < to; i++) {
            double fitted = line.value() + line.slopePerS() * (ror.t()[i] - ror.t()[from]);
            about += (ror.r()[i] - mean) * (ror.r()[i] - mean);
            left += (ror.r()[i] - fitted) * (ror.r()[i] - fitted);
        }
        return about > 0 ? Math.max(0, 1 - left / about) : 0;
    }
}
