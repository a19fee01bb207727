package barrowmist.core.check;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;

/**
 * The place in a series from which on its mean is another. The place is searched for, so the largest difference is held against the
 * largest of the same series in other orders: blocks of neighbours change places, so that values that follow each other alike stay
 * together (block permutation of the largest statistic; Kirch 2007, value from memory).
 *
 * @param at the first value of the later part
 * @param p how often chance alone shows so large a difference anywhere, above 0 to 1
 */
public record MeanChange(int at, double p) {

    private static final int ORDERS = 1999;
    private static final long SEED = 20_261_201;

    /**
     * The place of the largest difference; empty for a series too short to be parted.
     *
     * @param values in order of time
     * @param fewest values that either part has
     */
    public static Optional<MeanChange> of(double[] values, int fewest) {
        OptionalInt at = largest(values, fewest);
        if (at.isEmpty()) {
            return Optional.empty();
        }
        double seen = apart(values, at.getAsInt());
        Random chance = new Random(SEED);
        int asLarge = 1;
        for (int i = 0; i < ORDERS; i++) {
            double[] other = otherOrder(values, chance);
            double largest = apart(other, largest(other, fewest).getAsInt());
            asLarge += largest >= seen ? 1 : 0;
        }
        return Optional.of(new MeanChange(at.getAsInt(), asLarge / (ORDERS + 1.0)));
    }

    private static OptionalInt largest(double[] values, int fewest) {
        int best = -1;
        double most = -1;
        double sum = 0;
        double all = sum(values);
        for (int k = 1; k <= values.length - fewest; k++) {
            sum += values[k - 1];
            double apart = apart(sum, all, k, values.length);
            if (k >= fewest && apart > most) {
                most = apart;
                best = k;
            }
        }
        return best < 0 ? OptionalInt.empty() : OptionalInt.of(best);
    }

    private static double apart(double[] values, int k) {
        double sum = 0;
        for (int i = 0; i < k; i++) {
            sum += values[i];
        }
        return apart(sum, sum(values), k, values.length);
    }

    /** Difference of the two means, weighed by how surely both are known. */
    private static double apart(double sum, double all, int k, int n) {
        return Math.abs(sum / k - (all - sum) / (n - k)) * Math.sqrt(k * (n - k) / (double) n);
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double v : values) {
            sum += v;
        }
        return sum;
    }

    /** Blocks as long as there are blocks, begun anywhere, in another order. */
    private static double[] otherOrder(double[] values, Random chance) {
        int n = values.length;
        int block = Math.max(1, (int) Math.round(Math.sqrt(n)));
        int blocks = (n + block - 1) / block;
        int start = chance.nextInt(n);
        int[] order = new int[blocks];
        for (int i = 0; i < blocks; i++) {
            int j = chance.nextInt(i + 1);
            order[i] = order[j];
            order[j] = i;
        }
        double[] out = new double[n];
        int at = 0;
        for (int b : order) {
            for (int i = b * block; i < Math.min(n, (b + 1) * block); i++) {
                out[at++] = values[(start + i) % n];
            }
        }
        return out;
    }
}
