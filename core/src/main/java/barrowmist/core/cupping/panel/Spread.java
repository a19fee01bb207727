package barrowmist.core.cupping.panel;

import java.util.Collection;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * How far several people lie apart with one figure.
 *
 * @param median of them
 * @param low the lowest
 * @param high the highest
 * @param n how many gave one
 */
public record Spread(double median, double low, double high, int n) {

    /** @param values at least one */
    public static Spread of(Collection<Double> values) {
        double[] all = values.stream().mapToDouble(x -> x).sorted().toArray();
        return new Spread(new Median().evaluate(all), all[0], all[all.length - 1], all.length);
    }
}
