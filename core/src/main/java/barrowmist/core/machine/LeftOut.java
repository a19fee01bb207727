package barrowmist.core.machine;

import barrowmist.core.machine.OutlookRecord.Miss;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.Hold;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.machine.thermal.ModelFit;
import barrowmist.core.roast.KeyFigure;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What a machine's model says of roasts that were left out of its fit.
 *
 * @param calibration of each figure
 * @param outlooks how well the events were told while those roasts were followed
 */
record LeftOut(Map<KeyFigure, Calibration> calibration, OutlookRecord outlooks) {

    static final LeftOut NONE = new LeftOut(Map.of(), OutlookRecord.NONE);

    /** Left out in so many turns; of few logs each by itself. */
    private static final int FOLDS = 4;

    private static final int FEW = 8;

    /** A refit sets out from the full fit and needs few rounds. */
    private static final int FOLD_ROUNDS = 8;

    /** One roast that was left out: what was foretold of it, and what came. */
    private record Left(Map<KeyFigure, Double> foretold, Map<KeyFigure, Double> actual, List<Miss> looks) {
        boolean has(KeyFigure figure) {
            return foretold.containsKey(figure) && actual.containsKey(figure);
        }
    }

    /** Leaves each out in turn: of few logs each by itself. */
    static LeftOut of(List<FitRoast> roasts, Hold hold, ModelFit.Result best) {
        int folds = roasts.size() <= FEW ? roasts.size() : FOLDS;
        List<Left> each = IntStream.range(0, folds)
                .parallel()
                .mapToObj(fold -> fold(roasts, hold, best.machine(), fold, folds))
                .flatMap(List::stream)
                .toList();
        return new LeftOut(
                calibrated(each, LikelyMiss.of(best.bean().lateC(), roasts)),
                OutlookRecord.of(each.stream().flatMap(l -> l.looks.stream()).toList()));
    }

    private static Map<KeyFigure, Calibration> calibrated(List<Left> left, LikelyMiss likely) {
        Map<KeyFigure, Calibration> calibration = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            List<Left> with = left.stream().filter(l -> l.has(figure)).toList();
            if (with.size() >= Calibration.FEWEST) {
                calibration.put(
                        figure,
                        Calibration.of(
                                figure,
                                with.stream()
                                        .mapToDouble(l -> l.foretold.get(figure))
                                        .toArray(),
                                with.stream()
                                        .mapToDouble(l -> l.actual.get(figure))
                                        .toArray(),
                                likely));
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
                        Foretold.of(machine, roast),
                        Foretold.known(roast.figures()),
                        OutlookTrial.misses(machine, roast, roasts.indexOf(roast))))
                .toList();
    }
}
