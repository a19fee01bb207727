package barrowmist.core.trace;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

/** What is left to chance in a simulated lab. */
final class LabChance {

    final Random random;

    LabChance(long seed) {
        random = new Random(seed);
    }

    /** A deviation with this standard deviation. */
    double g(double sd) {
        return sd * random.nextGaussian();
    }

    boolean chance(double p) {
        return random.nextDouble() < p;
    }

    /** A value, where it was measured. */
    OptionalDouble maybe(double value, double measured) {
        return chance(measured) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    String pick(List<String> list) {
        return list.get(random.nextInt(list.size()));
    }
}
