package barrowmist.core.trace;

import java.util.SplittableRandom;

/** Which cups are judged before the answer is read: a share of them, drawn at random, and always the same ones. Pure. */
public final class JudgeFirst {

    /** Roasts are numbered one after another: so far apart, their draws do not keep step. */
    private static final long APART = 0x9E3779B97F4A7C15L;

    private JudgeFirst() {}

    /** @param share of the cups, 0 to 1 */
    public static boolean drawn(long roastId, double share) {
        return new SplittableRandom(roastId * APART).nextDouble() < share;
    }
}
