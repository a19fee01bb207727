package barrowmist.core.machine;

import barrowmist.core.machine.thermal.FitRange;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.Hold;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.machine.thermal.ModelFit;
import barrowmist.core.machine.thermal.ProbeLag;
import barrowmist.core.roast.Band;
import java.util.List;
import java.util.OptionalDouble;

/** Fits a machine's model to its logs, and learns by leaving some out how well it foretells a roast it has not seen. */
public final class ModelFitter {

    /** A fit takes the newest logs, so that a drum that has changed is followed (house default). */
    public static final int NEWEST = 20;

    /** With fewer logs nothing is left out, and no error is known. */
    public static final int FEWEST_FOR_ERROR = 5;

    private ModelFitter() {}

    /** Told how far a fit has come: a share in [0, 1] and what it is doing. */
    @FunctionalInterface
    public interface Progress {
        void at(double share, String doing);
    }

    /**
     * @param roasts at least one, each with gas and a drop
     * @param capacityG drum capacity, g: where the fit sets out
     */
    public static FittedModel fit(List<FitRoast> roasts, double capacityG, Progress progress) {
        Hold hold = hold(roasts, capacityG);
        ModelFit.Result best = best(roasts, hold, progress);
        progress.at(FULL_FIT, "leaving roasts out in turn");
        LeftOut left = roasts.size() < FEWEST_FOR_ERROR ? LeftOut.NONE : LeftOut.of(roasts, hold, best);
        progress.at(1, "done");
        return new FittedModel(
                best.machine(),
                best.bean(),
                best.environmentErrorC(),
                roasts.size(),
                FitRange.of(roasts),
                left.calibration(),
                left.outlooks(),
                ControlAnswer.of(best.machine(), roasts));
    }

    /** From the likely drum, and where that does not lead far, from one with slow metal as well. */
    private static ModelFit.Result best(List<FitRoast> roasts, Hold hold, Progress progress) {
        ModelFit.Result first = ModelFit.fit(
                roasts, hold, round -> progress.at(FULL_FIT * Math.min(1, round / EXPECTED_ROUNDS), "round " + round));
        if (first.bean().lateC() <= WELL_C) {
            return first;
        }
        ModelFit.Result second = ModelFit.fit(
                roasts,
                hold,
                hold.guess().withSlowMetal(),
                SECOND_ROUNDS,
                round -> progress.at(FULL_FIT, "from another start, round " + round));
        return second.bean().lateC() < first.bean().lateC() ? second : first;
    }

    private static Hold hold(List<FitRoast> roasts, double capacityG) {
        MachineConstants likely = MachineConstants.guess(capacityG);
        OptionalDouble lag = ProbeLag.of(roasts);
        return new Hold(
                likely.withLogged(lag.orElse(likely.probeS()), environmentOffset(roasts), rpm(roasts)),
                lag.isPresent());
    }

    /** A fit that misses by less is not tried again, °C (house default). */
    private static final double WELL_C = 2.4;

    private static final int SECOND_ROUNDS = 20;

    private static final double FULL_FIT = 0.6;
    private static final double EXPECTED_ROUNDS = 15;

    private static double environmentOffset(List<FitRoast> roasts) {
        double[] offsets = roasts.stream()
                .filter(r -> r.batch().environmentC().isPresent())
                .mapToDouble(
                        r -> r.batch().environmentC().getAsDouble() - r.batch().chargeC())
                .toArray();
        return offsets.length == 0 ? MachineConstants.guess(1).environmentOffsetC() : Band.median(offsets);
    }

    private static double rpm(List<FitRoast> roasts) {
        double[] rpm = roasts.stream()
                .filter(r -> !r.log().drumRpm().isEmpty())
                .mapToDouble(r -> r.log().drumRpm().held(0))
                .filter(v -> v > 0)
                .toArray();
        return rpm.length == 0 ? MachineConstants.guess(1).usualRpm() : Band.median(rpm);
    }
}
