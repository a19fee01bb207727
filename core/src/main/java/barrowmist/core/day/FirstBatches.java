package barrowmist.core.day;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;

/**
 * How a roaster's day begins. The first batch of a day is a warm-up on many drums, and later batches, whose drum is hot
 * through, are charged higher on some (common practice, no published source); how much is the house's own.
 *
 * @param warmUpBatch whether the day begins with a batch that warms the drum and is not a sample
 * @param laterC how much higher later batches are charged than planned for the first, °C; 0 for the same
 */
public record FirstBatches(boolean warmUpBatch, double laterC) {

    /** No warm-up batch, and all are charged as planned. */
    public static final FirstBatches NONE = new FirstBatches(false, 0);

    private static final double MOST_LATER_C = 40;

    /** A warm-up batch takes as long as a usual roast, s (house default). */
    public static final double WARM_UP_ROAST_S = 600;

    /**
     * How much higher a planned batch is charged, °C.
     *
     * @param number of the batch among the day's planned ones, from 1
     */
    public double higherC(int number) {
        return warmUpBatch || number > 1 ? laterC : 0;
    }

    /** From the drum lit to the first planned charge, s. */
    public double warmUpS(double preheatS, double turnaroundS) {
        return warmUpBatch ? preheatS + WARM_UP_ROAST_S + turnaroundS : preheatS;
    }

    /** Every problem of these. */
    public List<FieldProblem> problems() {
        return new Checks()
                .range("firstBatches.laterC", "Later batches", laterC, 0, MOST_LATER_C, "°C higher")
                .problems();
    }
}
