package barrowmist.core.machine;

import barrowmist.core.machine.OutlookRecord.Miss;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.DrumSimulation;
import barrowmist.core.machine.thermal.FitRange;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.Hold;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.machine.thermal.ModelFit;
import barrowmist.core.machine.thermal.ProbeLag;
import barrowmist.core.machine.thermal.SimulatedCurve;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
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

    /** Left out in so many turns; of few logs each by itself. */
    private static final int FOLDS = 4;

    private static final int FEW = 8;

    /** A refit sets out from the full fit and needs few rounds. */
    private static final int FOLD_ROUNDS = 8;

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
        List<Left> left = roasts.size() < FEWEST_FOR_ERROR ? List.of() : leaveOut(roasts, hold, best.machine());
        progress.at(1, "done");
        return new FittedModel(
                best.machine(),
                best.bean(),
                best.environmentErrorC(),
                roasts.size(),
                FitRange.of(roasts),
                calibrated(left),
                OutlookRecord.of(left.stream().flatMap(l -> l.looks.stream()).toList()),
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

    /** One roast that was left out: what was foretold of it, and what came. */
    private record Left(Map<KeyFigure, Double> foretold, Map<KeyFigure, Double> actual, List<Miss> looks) {
        boolean has(KeyFigure figure) {
            return foretold.containsKey(figure) && actual.containsKey(figure);
        }
    }

    private static List<Left> leaveOut(List<FitRoast> roasts, Hold hold, MachineConstants best) {
        int folds = roasts.size() <= FEW ? roasts.size() : FOLDS;
        return IntStream.range(0, folds)
                .parallel()
                .mapToObj(fold -> fold(roasts, hold, best, fold, folds))
                .flatMap(List::stream)
                .toList();
    }

    private static Map<KeyFigure, Calibration> calibrated(List<Left> left) {
        Map<KeyFigure, Calibration> calibration = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            List<Left> with = left.stream().filter(l -> l.has(figure)).toList();
            if (with.size() >= Calibration.FEWEST) {
                calibration.put(
                        figure,
                        Calibration.of(
                                with.stream()
                                        .mapToDouble(l -> l.foretold.get(figure))
                                        .toArray(),
                                with.stream()
                                        .mapToDouble(l -> l.actual.get(figure))
                                        .toArray()));
            }
        }
        return calibration;
    }

    private static List<Left> fold(List<FitRoast> roasts, Hold hold, MachineConstants best, int fold, int folds) {
        List<FitRoast> kept = new ArrayList<>();
        List<FitRoast> out = new ArrayList<>();
        for (int i = 0; i < roasts.size(); i++) {
            (i % folds == fold ? out : kept).add(roasts.get(i));
        }
        MachineConstants machine =
                ModelFit.fit(kept, hold, best, FOLD_ROUNDS, round -> {}).machine();
        return out.stream()
                .map(roast -> new Left(
                        foretold(machine, roast),
                        of(roast.figures()),
                        OutlookTrial.misses(machine, roast, roasts.indexOf(roast))))
                .toList();
    }

    /**
     * What the model says of a logged roast, the controls moved as they were and its events called at the temperatures at
     * which they were called; the total is when the bean probe comes to where it was dropped.
     */
    public static Map<KeyFigure, Double> foretold(MachineConstants machine, FitRoast roast) {
        RoastFigures actual = roast.figures();
        double totalS = actual.totalS().orElseThrow();
        ControlLevels otherwise = new ControlLevels(0, 100, machine.usualRpm());
        SimulatedCurve curve = new DrumSimulation(machine)
                .run(roast.batch(), Controls.logged(roast.log(), otherwise), totalS + LONGER_S, (t, c) -> false);
        EventTemperatures own = new EventTemperatures(
                actual.dryEnd().map(Milestone::beanC).orElse(Double.POSITIVE_INFINITY),
                0,
                actual.firstCrack().map(Milestone::beanC).orElse(Double.POSITIVE_INFINITY),
                0,
                true);
        Series bean = curve.log().beanC();
        double dropS = actual.firstCrack()
                .map(c -> bean.risesTo(c.beanC(), LATEST_TURN_S).orElse(c.timeS()) + totalS - c.timeS())
                .orElse(totalS);
        Map<KeyFigure, Double> foretold = of(SimulatedRoastFigures.of(curve, own, dropS, MachineReference.NONE)
                .figures());
        foretold.remove(KeyFigure.TOTAL_S);
        actual.drop()
                .ifPresent(
                        d -> bean.risesTo(d.beanC(), LATEST_TURN_S).ifPresent(t -> foretold.put(KeyFigure.TOTAL_S, t)));
        return foretold;
    }

    /** By then every probe rises, s. */
    private static final double LATEST_TURN_S = 150;

    /** Every figure of a roast that is known, each in its unit. */
    public static Map<KeyFigure, Double> of(RoastFigures figures) {
        Map<KeyFigure, Double> known = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            figure.of(figures).ifPresent(v -> known.put(figure, v));
        }
        return known;
    }

    /** A model that is late still reaches first crack if it is let run on, s. */
    private static final double LONGER_S = 180;
}
