package barrowmist.core.machine;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;

/** How well the bands of a fitted model hold on roasts that it has not seen, drum by drum. */
public final class BandTrial {

    /** What is foretold of a plan: when it dries, cracks, comes to its drop temperature, and how hot it is dropped. */
    public static final List<KeyFigure> FIGURES =
            List.of(KeyFigure.DRY_END_S, KeyFigure.FIRST_CRACK_S, KeyFigure.TOTAL_S, KeyFigure.DROP_C);

    private static final double CAPACITY_G = 150;
    private static final long LEFT_OUT_SEED = 1_000_000;

    private static final Map<String, FittedModel> FITTED = new ConcurrentHashMap<>();

    private BandTrial() {}

    private static List<FitRoast> logs(DrumKind kind, int logs, long firstSeed) {
        return TrialRoasts.sound(kind, firstSeed, logs).stream().map(Trial::fit).toList();
    }

    /** A drum's model, fitted once to so many logs from a seed on. */
    public static FittedModel fitted(DrumKind kind, int logs, long firstSeed) {
        return FITTED.computeIfAbsent(
                kind + " " + logs + " " + firstSeed,
                k -> ModelFitter.fit(logs(kind, logs, firstSeed), CAPACITY_G, (share, doing) -> {}));
    }

    /** Tallies of one figure. */
    public static final class Tally {
        private int n;
        private double sum;
        private double squares;
        private double usualSquares;
        private double stated;
        private int within1;
        private int within2;

        /** The roasts of another tally beside these. */
        public void add(Tally other) {
            n += other.n;
            sum += other.sum;
            squares += other.squares;
            usualSquares += other.usualSquares;
            stated += other.stated;
            within1 += other.within1;
            within2 += other.within2;
        }

        public void add(double miss, double plusMinus, double usualMiss) {
            n++;
            sum += miss;
            squares += miss * miss;
            usualSquares += usualMiss * usualMiss;
            stated += plusMinus;
            within1 += Math.abs(miss) <= plusMinus ? 1 : 0;
            within2 += Math.abs(miss) <= 2 * plusMinus ? 1 : 0;
        }

        public int n() {
            return n;
        }

        /** Mean of what was foretold less what came. */
        public double mean() {
            return sum / n;
        }

        /** Root mean square of the same. */
        public double error() {
            return Math.sqrt(squares / n);
        }

        /** The same when the machine's usual value is expected instead. */
        public double usualError() {
            return Math.sqrt(usualSquares / n);
        }

        /** Mean of the standard deviations that were stated. */
        public double stated() {
            return stated / n;
        }

        /** Share that came within one stated standard deviation. */
        public double within1() {
            return (double) within1 / n;
        }

        /** Share within two. */
        public double within2() {
            return (double) within2 / n;
        }
    }

    /**
     * What came of it.
     *
     * @param tallies by figure
     * @param believed how many of the models were believed; only those foretold anything
     */
    public record Result(Map<KeyFigure, Tally> tallies, int believed) {}

    /**
     * @param logs how many logs the model is fitted to
     * @param sets how often that is done, each time to other logs
     * @param leftOut how many other roasts each is tried on
     */
    public static Result of(DrumKind kind, int logs, int sets, int leftOut) {
        Map<KeyFigure, Tally> tallies = new EnumMap<>(KeyFigure.class);
        FIGURES.forEach(f -> tallies.put(f, new Tally()));
        int believed = 0;
        for (int set = 0; set < sets; set++) {
            List<FitRoast> fitted = logs(kind, logs, 1000L * set);
            FittedModel model = fitted(kind, logs, 1000L * set);
            believed += model.believed() ? 1 : 0;
            if (!model.believed()) {
                continue;
            }
            for (Trial trial : TrialRoasts.sound(kind, LEFT_OUT_SEED + 1000L * set, leftOut)) {
                look(model, fitted, trial.fit(), tallies);
            }
        }
        return new Result(tallies, believed);
    }

    private static void look(FittedModel model, List<FitRoast> fitted, FitRoast roast, Map<KeyFigure, Tally> tallies) {
        Map<KeyFigure, Double> foretold = Foretold.of(model.machine(), roast);
        Map<KeyFigure, Double> came = Foretold.known(roast.figures());
        for (KeyFigure figure : FIGURES) {
            if (foretold.containsKey(figure)
                    && model.error(figure, foretold.get(figure)).isPresent()) {
                double actual = came.get(figure);
                tallies.get(figure)
                        .add(
                                model.corrected(figure, foretold.get(figure)) - actual,
                                model.error(figure, foretold.get(figure)).get(),
                                usual(fitted, figure, roast) - actual);
            }
        }
    }

    /** What the machine's logs have on average; of the time to a temperature, when they came to that temperature. */
    private static double usual(List<FitRoast> fitted, KeyFigure figure, FitRoast roast) {
        if (figure != KeyFigure.TOTAL_S) {
            return fitted.stream()
                    .flatMapToDouble(r -> figure.of(r.figures()).stream())
                    .average()
                    .orElseThrow();
        }
        double dropC = roast.figures().drop().map(Milestone::beanC).orElseThrow();
        List<Double> times = new ArrayList<>();
        for (FitRoast r : fitted) {
            Series bean = r.log().beanC();
            Milestone drop = r.figures().drop().orElseThrow();
            OptionalDouble at = bean.risesTo(dropC, drop.timeS() / 2);
            double perS = Math.max(0.05, bean.slopeAbout(drop.timeS() - 15, 15).orElse(0));
            times.add(at.orElse(drop.timeS() + (dropC - drop.beanC()) / perS));
        }
        return times.stream().mapToDouble(t -> t).average().orElseThrow();
    }
}
