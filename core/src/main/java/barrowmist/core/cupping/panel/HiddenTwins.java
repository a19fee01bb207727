package barrowmist.core.cupping.panel;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.stat.descriptive.moment.Variance;

/**
 * How far a cupper gives the same coffee the same score where it stands on the table under several codes: the standard
 * deviation within a coffee (Bland and Altman, BMJ 1996).
 */
public final class HiddenTwins {

    private HiddenTwins() {}

    /**
     * @param scores one cupper's, by code
     * @param twins codes that hold one and the same coffee
     * @return points; empty when this cupper scored no coffee twice
     */
    public static OptionalDouble spread(Map<String, Double> scores, Collection<List<String>> twins) {
        double sum = 0;
        int degrees = 0;
        for (List<String> codes : twins) {
            double[] given = codes.stream()
                    .flatMap(code -> Optional.ofNullable(scores.get(code)).stream())
                    .mapToDouble(x -> x)
                    .toArray();
            if (given.length > 1) {
                sum += new Variance().evaluate(given) * (given.length - 1);
                degrees += given.length - 1;
            }
        }
        return degrees == 0 ? OptionalDouble.empty() : OptionalDouble.of(Math.sqrt(sum / degrees));
    }
}
