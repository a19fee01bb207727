package barrowmist.core.machine;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.DrumSimulation;
import barrowmist.core.machine.thermal.FitRange;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.machine.thermal.ModelFit;
import barrowmist.core.machine.thermal.SimulatedCurve;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** Fits a machine's model to its logs, and learns by leaving some out how well it foretells a roast it has not seen. */
public final class ModelFitter {

    /** A fit takes the newest logs, so that a drum that has changed is followed (house default). */
    public static final int NEWEST = 20;

    /** With fewer logs nothing is left out, and no error is known. */
    public static final int FEWEST_FOR_ERROR = 5;

    private static final int FOLDS = 4;

    /** A refit sets out from the full fit and needs few rounds. */
    private static final int FOLD_ROUNDS = 4;

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
        MachineConstants guess = MachineConstants.guess(capacityG).withUsual(environmentOffset(roasts), rpm(roasts));
        ModelFit.Result best = ModelFit.fit(
                roasts, guess, round -> progress.at(FULL_FIT * Math.min(1, round / EXPECTED_ROUNDS), "round " + round));
        progress.at(FULL_FIT, "leaving roasts out in turn");
        Map<KeyFigure, Double> error = roasts.size() < FEWEST_FOR_ERROR ? Map.of() : leaveOut(roasts, best.machine());
        progress.at(1, "done");
        return new FittedModel(
                best.machine(), best.beanErrorC(), best.environmentErrorC(), roasts.size(), FitRange.of(roasts), error);
    }

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

    private static Map<KeyFigure, Double> leaveOut(List<FitRoast> roasts, MachineConstants best) {
        List<Map<KeyFigure, Double>> misses = IntStream.range(0, FOLDS)
                .parallel()
                .mapToObj(fold -> fold(roasts, best, fold))
                .flatMap(List::stream)
                .toList();
        Map<KeyFigure, Double> error = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            double[] each = misses.stream()
                    .filter(m -> m.containsKey(figure))
                    .mapToDouble(m -> m.get(figure))
                    .toArray();
            if (each.length >= 2) {
                double sum = IntStream.range(0, each.length)
                        .mapToDouble(i -> each[i] * each[i])
                        .sum();
                error.put(figure, Math.sqrt(sum / each.length));
            }
        }
        return error;
    }

    private static List<Map<KeyFigure, Double>> fold(List<FitRoast> roasts, MachineConstants best, int fold) {
        List<FitRoast> kept = new ArrayList<>();
        List<FitRoast> out = new ArrayList<>();
        for (int i = 0; i < roasts.size(); i++) {
            (i % FOLDS == fold ? out : kept).add(roasts.get(i));
        }
        MachineConstants machine =
                ModelFit.fit(kept, best, FOLD_ROUNDS, round -> {}).machine();
        return out.stream().map(roast -> misses(machine, roast)).toList();
    }

    /** By how much the model misses each figure of a logged roast, the controls moved as they were. */
    public static Map<KeyFigure, Double> misses(MachineConstants machine, FitRoast roast) {
        RoastFigures actual = roast.figures();
        double totalS = actual.totalS().orElseThrow();
        ControlLevels otherwise = new ControlLevels(0, 100, machine.usualRpm());
        SimulatedCurve curve = new DrumSimulation(machine)
                .run(roast.batch(), Controls.logged(roast.log(), otherwise), totalS + LONGER_S, (t, c) -> false);
        EventTemperatures own = new EventTemperatures(
                actual.dryEnd().map(m -> m.beanC()).orElse(Double.POSITIVE_INFINITY),
                0,
                actual.firstCrack().map(m -> m.beanC()).orElse(Double.POSITIVE_INFINITY),
                0,
                true);
        RoastFigures foretold = SimulatedRoastFigures.of(curve, own, totalS, MachineReference.NONE)
                .figures();
        Map<KeyFigure, Double> misses = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            OptionalDouble a = figure.of(actual);
            OptionalDouble b = figure.of(foretold);
            if (a.isPresent() && b.isPresent()) {
                misses.put(figure, b.getAsDouble() - a.getAsDouble());
            }
        }
        return misses;
    }

    /** A model that is late still reaches first crack if it is let run on, s. */
    private static final double LONGER_S = 120;
}
