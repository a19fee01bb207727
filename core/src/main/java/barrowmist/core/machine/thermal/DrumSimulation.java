package barrowmist.core.machine.thermal;

import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.function.Consumer;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;

/** Runs a batch through a drum, by the classical Runge–Kutta method at a fixed step. */
public final class DrumSimulation {

    /** Step of a prediction, s. */
    public static final double STEP_S = 1;

    private final MachineConstants machine;
    private final double stepS;
    private final ClassicalRungeKuttaIntegrator integrator;

    public DrumSimulation(MachineConstants machine) {
        this(machine, STEP_S);
    }

    /** @param stepS step, s, positive */
    public DrumSimulation(MachineConstants machine, double stepS) {
        this.machine = machine;
        this.stepS = stepS;
        this.integrator = new ClassicalRungeKuttaIntegrator(stepS);
    }

    /** When a roast ends. */
    @FunctionalInterface
    public interface Until {
        /** Whether it ends at {@code timeS}, the bean probe reading {@code probeC}. */
        boolean reached(double timeS, double probeC);
    }

    /**
     * @param longestS end of the roast at the latest, s since charge
     * @param until an earlier end, asked once for each step
     */
    public SimulatedCurve run(BatchConditions batch, Controls controls, double longestS, Until until) {
        DrumModel model = new DrumModel(machine, batch);
        ControlLevels first = controls.at(
                0, batch.chargeC(), batch.environmentC().orElse(batch.chargeC() + machine.environmentOffsetC()));
        model.set(first);
        double[] start = model.atCharge();
        double[] y = start;
        Recorder recorder = new Recorder((int) Math.ceil(longestS / stepS) + 1);
        y = goOn(model, y, first, 0, controls, longestS, until, recorder, model::set);
        return new SimulatedCurve(recorder.log(), EnergyBalance.of(model, machine, start, y), y[DrumModel.MOISTURE]);
    }

    /**
     * Goes on from a state that a roast has come to.
     *
     * @param model the drum with its batch
     * @param state where it stands at {@code fromS}; unchanged
     * @param set how the model takes up the levels of the controls
     */
    RoastLog goOn(
            DrumModel model,
            double[] state,
            double fromS,
            Controls controls,
            double longestS,
            Until until,
            Consumer<ControlLevels> set) {
        ControlLevels first = controls.at(fromS, state[DrumModel.PROBE], state[DrumModel.ENVIRONMENT]);
        set.accept(first);
        Recorder recorder = new Recorder((int) Math.ceil(Math.max(0, longestS - fromS) / stepS) + 1);
        goOn(model, state, first, fromS, controls, longestS, until, recorder, set);
        return recorder.log();
    }

    private double[] goOn(
            DrumModel model,
            double[] state,
            ControlLevels first,
            double fromS,
            Controls controls,
            double longestS,
            Until until,
            Recorder recorder,
            Consumer<ControlLevels> set) {
        double[] y = state;
        for (int i = 0; ; i++) {
            double t = fromS + i * stepS;
            ControlLevels levels = i == 0 ? first : controls.at(t, y[DrumModel.PROBE], y[DrumModel.ENVIRONMENT]);
            set.accept(levels);
            recorder.add(t, y, levels);
            if (t + stepS > longestS + stepS / 2 || (i > 0 && until.reached(t, y[DrumModel.PROBE]))) {
                return y;
            }
            y = integrator.singleStep(model, t, y, t + stepS);
        }
    }

    /** What is read of a drum that cannot be, as the wilder trials of a fit have them: it runs away beyond all numbers, °C. */
    static final double RAN_AWAY_C = 10_000;

    private static final class Recorder {
        private final double[] timeS;
        private final double[] beanC;
        private final double[] environmentC;
        private final double[] gas;
        private final double[] air;
        private final double[] drum;
        private int n;

        Recorder(int capacity) {
            timeS = new double[capacity];
            beanC = new double[capacity];
            environmentC = new double[capacity];
            gas = new double[capacity];
            air = new double[capacity];
            drum = new double[capacity];
        }

        void add(double t, double[] y, ControlLevels levels) {
            timeS[n] = t;
            beanC[n] = read(y[DrumModel.PROBE]);
            environmentC[n] = read(y[DrumModel.ENVIRONMENT]);
            gas[n] = levels.gasPct();
            air[n] = levels.airflowPct();
            drum[n++] = levels.drumRpm();
        }

        private static double read(double c) {
            return Math.abs(c) < RAN_AWAY_C ? c : RAN_AWAY_C;
        }

        RoastLog log() {
            return new RoastLog(series(beanC), series(environmentC), series(gas), series(air), series(drum));
        }

        private Series series(double[] values) {
            return new Series(java.util.Arrays.copyOf(timeS, n), java.util.Arrays.copyOf(values, n));
        }
    }
}
