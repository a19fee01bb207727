package barrowmist.core.machine.thermal;

import barrowmist.core.machine.thermal.DrumSimulation.Until;
import barrowmist.core.roast.RoastLog;
import java.util.OptionalDouble;
import org.hipparchus.filtering.kalman.ProcessEstimate;
import org.hipparchus.filtering.kalman.unscented.UnscentedEvolution;
import org.hipparchus.filtering.kalman.unscented.UnscentedKalmanFilter;
import org.hipparchus.filtering.kalman.unscented.UnscentedProcess;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposer;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import org.hipparchus.util.MerweUnscentedTransform;
import org.jspecify.annotations.Nullable;

/**
 * Follows one batch by its readings: holds the model of the drum to what the probes say, and so finds out what they do
 * not say: how hot bean and drum are, and by how much this batch takes heat otherwise than the machine's constants have
 * it. An unscented Kalman filter (Julier and Uhlmann 1997; the library's form is that of van der Merwe). No look-ahead.
 * For one roast only; not safe for several threads.
 */
public final class DrumTracker {

    private static final int BEAN = 0;
    private static final int DRUM = 1;
    private static final int PROBE = 2;
    private static final int ENVIRONMENT = 3;
    private static final int HEAT = 4;
    private static final int UPTAKE = 5;
    private static final int SIZE = 6;

    /** Where each tracked quantity stands in the model's state; the two factors are not part of it. */
    private static final int[] IN_MODEL = {DrumModel.BEAN, DrumModel.DRUM, DrumModel.PROBE, DrumModel.ENVIRONMENT};

    /** How well the state is known at charge, standard deviations: °C four times, then shares (house defaults). */
    private static final double[] SD_AT_CHARGE = {1.5, 8, 0.8, 5, 0.08, 0.08};

    /** What the model lacks, standard deviations after one second: °C four times, then shares (house defaults). */
    private static final double[] SD_PER_S = {0.02, 0.2, 0.05, 0.3, 0.0012, 0.0012};

    /** Longest step that is taken at once, s. */
    private static final double LONGEST_STEP_S = 1;

    /** Step of a forecast, s: coarser than that of a plan, as one is made for every reading. */
    private static final double FORECAST_STEP_S = 4;

    /** A drum is never found to be further off its constants than by this factor's logarithm. */
    private static final double FARTHEST = 0.5;

    private static final double SPREAD_OF_POINTS = 0.3;

    private final DrumModel model;
    private final DrumSimulation forecasts;
    private final ClassicalRungeKuttaIntegrator integrator = new ClassicalRungeKuttaIntegrator(LONGEST_STEP_S);
    private final UnscentedKalmanFilter<ProbeReading> filter;
    private double timeS;
    private double[] state;
    private double heat = 1;
    private double uptake = 1;

    /**
     * @param batch as charged
     * @param atCharge where the controls stood
     */
    public DrumTracker(MachineConstants machine, BatchConditions batch, ControlLevels atCharge) {
        this.model = new DrumModel(machine, batch);
        this.forecasts = new DrumSimulation(machine, FORECAST_STEP_S);
        model.set(atCharge);
        state = model.atCharge();
        RealMatrix covariance = MatrixUtils.createRealMatrix(SIZE, SIZE);
        for (int i = 0; i < SIZE; i++) {
            covariance.setEntry(i, i, SD_AT_CHARGE[i] * SD_AT_CHARGE[i]);
        }
        filter = new UnscentedKalmanFilter<>(
                new CholeskyDecomposer(1e-15, 1e-15),
                new Drum(),
                new ProcessEstimate(0, tracked(state, 0, 0), covariance),
                new MerweUnscentedTransform(SIZE, SPREAD_OF_POINTS, 2, 0));
    }

    /**
     * Takes in a reading, or lets time pass.
     *
     * @param atS s since charge; a time that is not later than the last one is left alone
     * @param levels where the controls stood since the last reading
     * @param beanC bean probe, °C; empty when it did not answer
     * @param environmentC environment probe, °C; empty when it did not answer
     */
    public void advance(double atS, ControlLevels levels, OptionalDouble beanC, OptionalDouble environmentC) {
        if (!(atS > timeS)) {
            return;
        }
        RealVector found = filter.estimationStep(new ProbeReading(atS, levels, beanC, environmentC))
                .getState();
        for (int i = 0; i < IN_MODEL.length; i++) {
            state[IN_MODEL[i]] = found.getEntry(i);
        }
        heat = factor(found.getEntry(HEAT));
        uptake = factor(found.getEntry(UPTAKE));
        timeS = atS;
    }

    private static double factor(double logarithm) {
        return Math.exp(Math.max(-FARTHEST, Math.min(FARTHEST, logarithm)));
    }

    private static RealVector tracked(double[] y, double lnHeat, double lnUptake) {
        double[] x = new double[SIZE];
        for (int i = 0; i < IN_MODEL.length; i++) {
            x[i] = y[IN_MODEL[i]];
        }
        x[HEAT] = lnHeat;
        x[UPTAKE] = lnUptake;
        return new ArrayRealVector(x, false);
    }

    /** The drum as the filter sees it. Water, reactions and flame go along with the middle point. */
    private final class Drum implements UnscentedProcess<ProbeReading> {

        @Override
        public UnscentedEvolution getEvolution(double fromS, RealVector[] points, ProbeReading reading) {
            RealVector[] moved = new RealVector[points.length];
            double[] carried = state;
            for (int p = 0; p < points.length; p++) {
                double[] y = state.clone();
                for (int i = 0; i < IN_MODEL.length; i++) {
                    y[IN_MODEL[i]] = points[p].getEntry(i);
                }
                double lnHeat = points[p].getEntry(HEAT);
                double lnUptake = points[p].getEntry(UPTAKE);
                model.set(reading.levels(), factor(lnHeat), factor(lnUptake));
                y = stepped(y, fromS, reading.timeS());
                moved[p] = tracked(y, lnHeat, lnUptake);
                carried = p == 0 ? y : carried;
            }
            state = carried.clone();
            return new UnscentedEvolution(reading.timeS(), moved);
        }

        private double[] stepped(double[] from, double fromS, double toS) {
            double[] y = from;
            int steps = Math.max(1, (int) Math.ceil((toS - fromS) / LONGEST_STEP_S));
            double dt = (toS - fromS) / steps;
            for (int i = 0; i < steps; i++) {
                y = integrator.singleStep(model, fromS + i * dt, y, fromS + (i + 1) * dt);
            }
            return y;
        }

        @Override
        public RealMatrix getProcessNoiseMatrix(double fromS, RealVector predicted, ProbeReading reading) {
            RealMatrix noise = MatrixUtils.createRealMatrix(SIZE, SIZE);
            for (int i = 0; i < SIZE; i++) {
                noise.setEntry(i, i, SD_PER_S[i] * SD_PER_S[i] * (reading.timeS() - fromS));
            }
            return noise;
        }

        @Override
        public RealVector[] getPredictedMeasurements(RealVector[] points, ProbeReading reading) {
            RealVector[] read = new RealVector[points.length];
            for (int p = 0; p < points.length; p++) {
                read[p] = reading.pick(points[p].getEntry(PROBE), points[p].getEntry(ENVIRONMENT));
            }
            return read;
        }

        @Override
        public @Nullable RealVector getInnovation(
                ProbeReading reading, RealVector expected, RealVector predicted, RealMatrix covariance) {
            // nothing to correct by
            if (reading.empty()) {
                return null;
            }
            return reading.getValue().subtract(expected);
        }
    }

    /** Time of the last reading, s since charge. */
    public double timeS() {
        return timeS;
    }

    /** What the beans themselves are found to have, °C: no probe reads it. */
    public double beanC() {
        return state[DrumModel.BEAN];
    }

    /** How the burner's heat is found to differ from the machine's constants, as a factor. */
    public double heat() {
        return heat;
    }

    /** How readily this batch is found to take heat, as a factor on what the constants say. */
    public double uptake() {
        return uptake;
    }

    /**
     * How the roast goes on from here.
     *
     * @param controls how the controls will stand
     * @param longestS end at the latest, s since charge
     * @param until an earlier end
     * @return what the probes will read from now on; the first reading is now
     */
    public RoastLog forecast(Controls controls, double longestS, Until until) {
        return forecasts.goOn(
                model, state, timeS, controls, longestS, until, levels -> model.set(levels, heat, uptake));
    }
}
