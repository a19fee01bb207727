package barrowmist.core.roast;

/**
 * Least-squares polynomial of degree 1 or 2 through readings at any spacing, evaluated at one time. On even spacing its
 * slope is the derivative filter of Savitzky and Golay (Analytical Chemistry 36, 1964, 1627–1639); on uneven spacing it
 * is the same fit, done anew for each window.
 *
 * @param value fitted value at the time asked for, in the unit of the readings
 * @param slopePerS fitted slope there, unit per second
 * @param curvaturePerS2 second derivative, unit per second squared; 0 for degree 1
 */
public record LocalFit(double value, double slopePerS, double curvaturePerS2) {

    /** Relative size below which a quadratic's normal matrix counts as singular. */
    private static final double SINGULAR = 1e-9;

    /**
     * Fits readings {@code fromInclusive} to {@code toExclusive} of the arrays, at least one of them.
     *
     * @param atS time at which value and slope are wanted, s
     * @param quadratic degree 2 when true and there are three distinct times, else degree 1
     */
    public static LocalFit of(
            double[] timeS, double[] value, int fromInclusive, int toExclusive, double atS, boolean quadratic) {
        int n = toExclusive - fromInclusive;
        double s1 = 0;
        double s2 = 0;
        double s3 = 0;
        double s4 = 0;
        double y0 = 0;
        double y1 = 0;
        double y2 = 0;
        double reference = value[fromInclusive];
        for (int i = fromInclusive; i < toExclusive; i++) {
            double x = timeS[i] - atS;
            double y = value[i] - reference;
            double xx = x * x;
            s1 += x;
            s2 += xx;
            s3 += xx * x;
            s4 += xx * xx;
            y0 += y;
            y1 += x * y;
            y2 += xx * y;
        }
        if (quadratic) {
            // normal equations of degree 2 by Cramer's rule
            double determinant = n * (s2 * s4 - s3 * s3) - s1 * (s1 * s4 - s2 * s3) + s2 * (s1 * s3 - s2 * s2);
            if (determinant > SINGULAR * n * s2 * s4) {
                double a = y0 * (s2 * s4 - s3 * s3) - s1 * (y1 * s4 - y2 * s3) + s2 * (y1 * s3 - y2 * s2);
                double b = n * (y1 * s4 - y2 * s3) - y0 * (s1 * s4 - s2 * s3) + s2 * (s1 * y2 - s2 * y1);
                double c = n * (s2 * y2 - s3 * y1) - s1 * (s1 * y2 - s2 * y1) + y0 * (s1 * s3 - s2 * s2);
                return new LocalFit(reference + a / determinant, b / determinant, 2 * c / determinant);
            }
        }
        double determinant = n * s2 - s1 * s1;
        if (determinant > 0) {
            double slope = (n * y1 - s1 * y0) / determinant;
            return new LocalFit(reference + (y0 - slope * s1) / n, slope, 0);
        }
        return new LocalFit(reference + y0 / n, 0, 0);
    }
}
