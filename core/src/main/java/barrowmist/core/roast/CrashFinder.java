package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finds crashes: sudden deep falls of the rate of rise below the trend it had before. A steady fall that is begun on
 * purpose before first crack and slows afterwards is not one (common practice, no published source).
 */
final class CrashFinder {

    /** The trend is a straight line through so many seconds before the fall (house default). */
    private static final double TREND_S = 90;

    private static final double FEWEST_TREND_S = 25;

    /** A fall is dated by where it has made this share of its depth, and where it lacks this share (house default). */
    private static final double DATING_SHARE = 0.3;

    /** A fall looks longer than it is by the smoothing; the lengths add as squares, s. */
    private static final double SMOOTHING_S = RateOfRise.WINDOW_S / 2;

    /** A hole of so many intervals and so many seconds in the middle of a fall: it may have been steady there. */
    private static final double HOLE_INTERVALS = 4;

    private static final double HOLE_S = 6;

    /** A rate that is not this many standard deviations of the noise below the limit has not crossed it. */
    private static final double NOISE_SDS = 2;

    private final RorTrace ror;
    private final FaultSettings settings;
    private final List<String> meant;

    /** @param meant takes what the controls explain, a sentence each */
    CrashFinder(RorTrace ror, FaultSettings settings, List<String> meant) {
        this.ror = ror;
        this.settings = settings;
        this.meant = meant;
    }

    /** The trend before a fall, and how far below it the fall gets. */
    private record Fall(int start, int low, double trendAtStart, double trendSlopePerS, double depth) {

        double trendAt(RorTrace ror, int i) {
            return Math.max(0, trendAtStart + trendSlopePerS * (ror.t()[i] - ror.t()[start]));
        }
    }

    List<Fault> find() {
        List<Fault> crashes = new ArrayList<>();
        int from = 0;
        while (from < ror.size()) {
            Fall fall = deepest(from);
            if (fall == null) {
                break;
            }
            Fault crash = dated(fall);
            if (IntendedFall.is(ror, crash)) {
                meant.add("From %s to %s the rate of rise fell steeply and steadily, with heat left in hand: no crash."
                        .formatted(Clock.text(crash.fromS()), Clock.text(crash.toS())));
            } else if (explained(fall)) {
                meant.add("From %s to %s the rate of rise fell because gas was cut or air was opened: no crash."
                        .formatted(Clock.text(crash.fromS()), Clock.text(crash.toS())));
            } else if (!inAHole(fall)) {
                crashes.add(crash);
            }
            from = Math.max(fall.low, ror.indexFrom(fall.low, crash.toS())) + 1;
        }
        return crashes;
    }

    /** The first fall from {@code from} on, at its deepest; null when nothing falls far enough. */
    private @Nullable Fall deepest(int from) {
        Fall best = null;
        int trendFrom = from;
        for (int i = from; i < ror.size(); i++) {
            if (best != null && ror.t()[i] > ror.t()[best.low]) {
                break;
            }
            while (ror.t()[trendFrom] < ror.t()[i] - TREND_S) {
                trendFrom++;
            }
            if (ror.t()[i] - ror.t()[trendFrom] >= FEWEST_TREND_S) {
                Fall fall = lowestAfter(i, trendFrom);
                if (fall != null && (best == null || fall.depth > best.depth)) {
                    best = fall;
                }
            }
        }
        return best;
    }

    private @Nullable Fall lowestAfter(int start, int trendFrom) {
        double startS = ror.t()[start];
        LocalFit line = LocalFit.of(ror.t(), ror.r(), trendFrom, start + 1, startS, false);
        double slope = Math.min(0, line.slopePerS());
        Fall best = null;
        for (int j = start + 1; j < ror.size() && ror.t()[j] - startS <= settings.crashWithinS(); j++) {
            double depth = Math.max(0, line.value() + slope * (ror.t()[j] - startS)) - ror.r()[j];
            double from = Math.min(line.value(), ror.r()[start]) - NOISE_SDS * ror.noise();
            boolean far = ror.r()[j] < (1 - settings.crashFallShare()) * from;
            if (far && depth >= settings.crashDepthCPerMin() && (best == null || depth > best.depth)) {
                best = new Fall(start, j, line.value(), slope, depth);
            }
        }
        return best;
    }

    /**
     * Where the fall is steepest it is dated best: by its middle crossings, drawn out to its whole depth, less what the
     * smoothing adds to its length.
     */
    private Fault dated(Fall fall) {
        int begin = fall.low;
        while (begin > 0 && below(fall, begin) > DATING_SHARE * fall.depth) {
            begin--;
        }
        int end = begin;
        while (end < fall.low && below(fall, end) < (1 - DATING_SHARE) * fall.depth) {
            end++;
        }
        double middleS = (ror.t()[begin] + ror.t()[end]) / 2;
        double seenS = (ror.t()[end] - ror.t()[begin]) / (1 - 2 * DATING_SHARE);
        double halfS = Math.sqrt(Math.max(0, seenS * seenS - SMOOTHING_S * SMOOTHING_S)) / 2;
        double fromS = Math.max(ror.t()[0], middleS - halfS);
        double toS = Math.min(ror.t()[ror.size() - 1], middleS + halfS);
        return new Fault(Fault.Kind.CRASH, fromS, toS, fall.depth, ror.r()[ror.indexFrom(0, fromS)], ror.r()[fall.low]);
    }

    private double below(Fall fall, int i) {
        return fall.trendAt(ror, i) - ror.r()[i];
    }

    /** Without what the controls took on purpose it would not have fallen far. */
    private boolean explained(Fall fall) {
        double startS = ror.t()[fall.start];
        double lowS = ror.t()[fall.low];
        double left = 1 - ror.done(startS - HeatChange.BELONGS_S, lowS).takenShare(HeatChange.Answer.USUAL);
        if (left == 1) {
            return false;
        }
        double asked = left * fall.trendAt(ror, fall.low);
        double low = ror.r()[fall.low];
        boolean far = low < (1 - settings.crashFallShare()) * left * fall.trendAtStart;
        return !far || asked - low < settings.crashDepthCPerMin();
    }

    /** Whether readings are missing where it fell, so that nobody knows how suddenly. */
    private boolean inAHole(Fall fall) {
        double usual = (ror.t()[ror.size() - 1] - ror.t()[0]) / Math.max(1, ror.size() - 1);
        double hole = Math.max(HOLE_S, HOLE_INTERVALS * usual);
        for (int i = fall.start + 1; i <= fall.low; i++) {
            if (ror.t()[i] - ror.t()[i - 1] > hole) {
                return true;
            }
        }
        return false;
    }
}
