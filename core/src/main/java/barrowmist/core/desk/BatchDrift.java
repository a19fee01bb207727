package barrowmist.core.desk;

import barrowmist.core.units.Wording;
import java.util.List;
import java.util.Optional;

/**
 * Whether the batches of a day start alike, by their turning points: a drum that is brought to one state before each
 * charge turns at one temperature and one time (common practice, no published source).
 *
 * @param batches how many have a turning point
 * @param secondsInAll last turning point minus the first along the line through all of them, s
 * @param degreesInAll the same of the bean reading there, °C
 * @param environmentInAll the same of the environment at the drop, °C; 0 where it is not read
 */
public record BatchDrift(int batches, double secondsInAll, double degreesInAll, double environmentInAll) {

    /** Within these the batches start alike (common practice, no published source): s and °C. */
    public static final double ALIKE_S = 5;

    public static final double ALIKE_C = 2;

    /** A drum whose environment at the drop moves by less ends alike, °C (house default). */
    public static final double ALIKE_ENVIRONMENT_C = 6;

    /** Two batches differ by something always; a drift has a third that goes the same way. */
    private static final int FEWEST = 3;

    /**
     * One batch; empty what it has not.
     *
     * @param turningS turning point, s
     * @param turningC bean probe there, °C
     * @param environmentC environment probe at the drop, °C
     */
    public record Batch(Optional<Double> turningS, Optional<Double> turningC, Optional<Double> environmentC) {}

    /** @param inOrder the batches of a day, first to last */
    public static BatchDrift of(List<Batch> inOrder) {
        List<Batch> with = inOrder.stream()
                .filter(b -> b.turningS.isPresent() && b.turningC.isPresent())
                .toList();
        double[] e = inOrder.stream()
                .flatMap(b -> b.environmentC.stream())
                .mapToDouble(v -> v)
                .toArray();
        double environment = e.length < FEWEST ? 0 : slope(e) * (e.length - 1);
        if (with.size() < FEWEST) {
            return new BatchDrift(with.size(), 0, 0, environment);
        }
        double[] s = with.stream().mapToDouble(b -> b.turningS.get()).toArray();
        double[] c = with.stream().mapToDouble(b -> b.turningC.get()).toArray();
        return new BatchDrift(with.size(), slope(s) * (s.length - 1), slope(c) * (c.length - 1), environment);
    }

    /** Slope of the least-squares line through values one apart. */
    private static double slope(double[] v) {
        double middle = (v.length - 1) / 2.0;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < v.length; i++) {
            sum += (i - middle) * v[i];
            squares += (i - middle) * (i - middle);
        }
        return sum / squares;
    }

    /** Whether the batches start alike. */
    public boolean alike() {
        return Math.abs(secondsInAll) <= ALIKE_S && Math.abs(degreesInAll) <= ALIKE_C;
    }

    /** In a sentence. */
    public String text(Wording wording) {
        if (batches < FEWEST) {
            return "Drift shows from the third batch on.";
        }
        return start(wording) + end(wording);
    }

    private String end(Wording wording) {
        return Math.abs(environmentInAll) <= ALIKE_ENVIRONMENT_C
                ? ""
                : " At the drop the environment came to read %s %s from the first to the last."
                        .formatted(
                                wording.difference(Math.abs(environmentInAll)),
                                environmentInAll > 0 ? "higher" : "lower");
    }

    private String start(Wording wording) {
        if (alike()) {
            return "The turning points of %d batches lie within %.0f s and %s: the drum starts alike."
                    .formatted(batches, ALIKE_S, wording.difference(ALIKE_C));
        }
        String hotter = degreesInAll > 0 ? "hotter" : "cooler";
        return "From the first to the last batch the turning point moved by %+.0f s and came %s %s: the drum starts %s each time. Do the steps between batches alike, and wait for the probe."
                .formatted(secondsInAll, wording.difference(Math.abs(degreesInAll)), hotter, hotter);
    }
}
