package barrowmist.core.machine.thermal;

import java.util.OptionalDouble;
import org.hipparchus.filtering.kalman.Measurement;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * One reading of both probes, as the filter takes it in. Its noise is the square of a standard deviation on the diagonal.
 *
 * @param timeS s since charge
 * @param levels where the controls stood since the reading before
 * @param beanC °C; empty when the probe did not answer
 * @param environmentC °C; empty likewise
 */
record ProbeReading(double timeS, ControlLevels levels, OptionalDouble beanC, OptionalDouble environmentC)
        implements Measurement {

    /**
     * What a reading is taken to miss, °C: more than its noise, as what the model lacks stays for many readings (house
     * defaults, tried on simulated roasts).
     */
    private static final double BEAN_NOISE_C = 2.5;

    private static final double ENVIRONMENT_NOISE_C = 4;

    /** Just after charge a probe follows in more steps than the model's one: so much more, °C, fading in s. */
    private static final double EARLY_NOISE_C = 10;

    private static final double EARLY_S = 40;

    @Override
    public double getTime() {
        return timeS;
    }

    boolean empty() {
        return beanC.isEmpty() && environmentC.isEmpty();
    }

    /** A reading of nothing still needs a size: the filter is told apart to leave it alone. */
    RealVector pick(double bean, double environment) {
        if (beanC.isPresent() && environmentC.isPresent()) {
            return new ArrayRealVector(new double[] {bean, environment}, false);
        }
        return new ArrayRealVector(new double[] {environmentC.isPresent() ? environment : bean}, false);
    }

    @Override
    public RealVector getValue() {
        return pick(beanC.orElse(0), environmentC.orElse(0));
    }

    @Override
    public RealMatrix getCovariance() {
        double early = EARLY_NOISE_C * Math.exp(-timeS / EARLY_S);
        return MatrixUtils.createRealDiagonalMatrix(
                pick(square(BEAN_NOISE_C + early), square(ENVIRONMENT_NOISE_C + early))
                        .toArray());
    }

    private static double square(double x) {
        return x * x;
    }
}
