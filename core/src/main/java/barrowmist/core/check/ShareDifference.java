package barrowmist.core.check;

/**
 * By how much one share lies above another, and between which bounds (Newcombe 1998, method 10: from Wilson's intervals of both).
 *
 * @param by −1 to 1
 * @param lower of the 95 % interval
 * @param upper of it
 */
public record ShareDifference(double by, double lower, double upper) {

    /** Two sides of 95 % of the normal distribution. */
    private static final double Z = 1.959964;

    /**
     * Of hits in so many; both may be parts of whole ones, where those seen are not independent.
     *
     * @param of above 0
     * @param ofOther above 0
     */
    public static ShareDifference of(double hits, double of, double otherHits, double ofOther) {
        double p = hits / of;
        double q = otherHits / ofOther;
        double by = p - q;
        return new ShareDifference(
                by,
                by - Math.hypot(p - wilson(p, of, -1), wilson(q, ofOther, 1) - q),
                by + Math.hypot(wilson(p, of, 1) - p, q - wilson(q, ofOther, -1)));
    }

    private static double wilson(double p, double n, int side) {
        double z2 = Z * Z;
        double half = Z * Math.sqrt(p * (1 - p) / n + z2 / (4 * n * n));
        return (p + z2 / (2 * n) + side * half) / (1 + z2 / n);
    }
}
