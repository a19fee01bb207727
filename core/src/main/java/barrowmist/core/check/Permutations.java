package barrowmist.core.check;

/**
 * Whether values of one group lie above those of another, by every way in which the same values could have been shared out (the
 * exact permutation test, Fisher 1935 and Pitman 1937).
 *
 * @param asClear so many ways show a difference of the means at least as large, the one that was seen among them
 * @param of of so many ways in all
 */
public record Permutations(long asClear, long of) {

    /** Ways are counted one by one: beyond so many values there are too many. */
    private static final int MOST = 20;

    private static final double ROUNDING = 1e-9;

    /**
     * @param above values that are held to be the larger ones
     * @param below the others
     * @throws IllegalArgumentException with none of either, or more than twenty in all
     */
    public static Permutations of(double[] above, double[] below) {
        int n = above.length + below.length;
        if (above.length == 0 || below.length == 0 || n > MOST) {
            throw new IllegalArgumentException("There are " + above.length + " and " + below.length + " values");
        }
        double[] all = new double[n];
        double seen = 0;
        for (int i = 0; i < n; i++) {
            all[i] = i < above.length ? above[i] : below[i - above.length];
            seen += i < above.length ? all[i] : 0;
        }
        long asClear = 0;
        long of = 0;
        // the sum of one group says as much as the difference of the means: all values together are always the same
        for (int chosen = 0; chosen < 1 << n; chosen++) {
            if (Integer.bitCount(chosen) == above.length) {
                of++;
                asClear += sum(all, chosen) >= seen - ROUNDING ? 1 : 0;
            }
        }
        return new Permutations(asClear, of);
    }

    private static double sum(double[] all, int chosen) {
        double sum = 0;
        for (int i = 0; i < all.length; i++) {
            sum += (chosen >> i & 1) == 1 ? all[i] : 0;
        }
        return sum;
    }

    /** How often chance alone shares them out so clearly, 0 to 1, one-sided. */
    public double p() {
        return (double) asClear / of;
    }
}
