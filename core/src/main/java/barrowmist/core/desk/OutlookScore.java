package barrowmist.core.desk;

import java.util.List;
import org.hipparchus.stat.StatUtils;

/**
 * How good an outlook was over several roasts.
 *
 * @param roasts how many
 * @param meanMiss mean of the misses without their signs, in the figure's unit
 * @param bias mean of what was expected less what came: above 0 it came earlier, or less, than was said
 */
public record OutlookScore(int roasts, double meanMiss, double bias) {

    /** What was expected, and what came. */
    public record Pair(double expected, double came) {}

    /** @param pairs at least one */
    public static OutlookScore of(List<Pair> pairs) {
        double[] misses = pairs.stream().mapToDouble(p -> p.expected - p.came).toArray();
        double[] sizes =
                pairs.stream().mapToDouble(p -> Math.abs(p.expected - p.came)).toArray();
        return new OutlookScore(pairs.size(), StatUtils.mean(sizes), StatUtils.mean(misses));
    }
}
