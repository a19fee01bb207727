package barrowmist.core.day;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;

/**
 * How many batches make so much roasted coffee.
 *
 * @param batches number of batches, all full
 * @param greenKg green coffee needed, kg
 * @param roastedKg roasted coffee they give, kg: what was wanted or more
 * @param durationS from the first charge to the last drop, s
 */
public record Batches(int batches, double greenKg, double roastedKg, double durationS) {

    private static final double LEAST_KG = 0.02;
    private static final double MOST_KG = 20_000;
    private static final double LEAST_LOSS_PCT = 5;
    private static final double MOST_LOSS_PCT = 30;
    private static final double LEAST_ROAST_S = 180;
    private static final double MOST_ROAST_S = 1800;
    private static final double MOST_TURNAROUND_S = 3600;

    /** So small a lack is rounding and no batch of its own, kg. */
    private static final double ROUNDING_KG = 1e-9;

    /**
     * What is asked.
     *
     * @param roastedKg roasted coffee wanted, kg
     * @param batchG green coffee in a batch, g
     * @param lossPct weight lost in the roast, %
     * @param roastS charge to drop, s
     * @param turnaroundS drop to the next charge, s
     */
    public record Wanted(double roastedKg, double batchG, double lossPct, double roastS, double turnaroundS) {

        /**
         * Every problem of it.
         *
         * @param leastG smallest batch of the machine, g
         * @param mostG largest, g
         */
        public List<FieldProblem> problems(double leastG, double mostG) {
            return new Checks()
                    .range("roastedKg", "Roasted coffee wanted", roastedKg, LEAST_KG, MOST_KG, "kg")
                    .range("batchG", "Batch", batchG, leastG, mostG, "g")
                    .range("lossPct", "Weight loss", lossPct, LEAST_LOSS_PCT, MOST_LOSS_PCT, "%")
                    .range("roastS", "Roast time", roastS, LEAST_ROAST_S, MOST_ROAST_S, "s")
                    .range("turnaroundS", "Turnaround", turnaroundS, 0, MOST_TURNAROUND_S, "s")
                    .problems();
        }
    }

    /** Works it out; what is asked has no problems. */
    public static Batches of(Wanted wanted) {
        double perBatchKg = wanted.batchG / 1000 * (1 - wanted.lossPct / 100);
        int n = Math.max(1, (int) Math.ceil((wanted.roastedKg - ROUNDING_KG) / perBatchKg));
        double durationS = n * wanted.roastS + (n - 1) * wanted.turnaroundS;
        return new Batches(n, n * wanted.batchG / 1000, n * perBatchKg, durationS);
    }
}
