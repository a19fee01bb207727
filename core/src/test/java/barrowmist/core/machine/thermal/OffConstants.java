package barrowmist.core.machine.thermal;

import java.util.Random;

/** A machine's constants put off, each by its own share. */
public final class OffConstants {

    private OffConstants() {}

    /** Each fitted constant off by up to {@code share} of itself, up or down. */
    public static MachineConstants of(MachineConstants machine, double share, Random random) {
        double[] a = machine.toArray();
        for (int i = 0; i < a.length; i++) {
            double factor = 1 + share * (2 * random.nextDouble() - 1);
            // all but the last are kept as logarithms
            a[i] = i < a.length - 1 ? a[i] + Math.log(factor) : a[i] * factor;
        }
        return machine.withFitted(a);
    }
}
