package barrowmist.core.check;

import java.util.Arrays;

/**
 * Which of many tests may be spoken of, so that no more than a share of what is said is chance (Benjamini and Hochberg 1995).
 */
public final class FalseDiscovery {

    private FalseDiscovery() {}

    /**
     * The largest p that may be spoken of; below 0 where none may.
     *
     * @param p of every test that was made, 0 to 1, in any order
     * @param share of what is said that may be chance, 0 to 1
     */
    public static double most(double[] p, double share) {
        double[] sorted = p.clone();
        Arrays.sort(sorted);
        for (int i = sorted.length - 1; i >= 0; i--) {
            if (sorted[i] <= share * (i + 1) / sorted.length) {
                return sorted[i];
            }
        }
        return -1;
    }
}
