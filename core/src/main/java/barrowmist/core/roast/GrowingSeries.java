package barrowmist.core.roast;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/** A series that takes in one value after another; its arrays are read in place. Mutable. */
final class GrowingSeries {
    double[] t = new double[256];
    double[] v = new double[256];
    int n;

    void add(double timeS, double value) {
        if (n == t.length) {
            t = Arrays.copyOf(t, 2 * n);
            v = Arrays.copyOf(v, 2 * n);
        }
        t[n] = timeS;
        v[n++] = value;
    }

    void addIfThere(double timeS, OptionalDouble value) {
        if (value.isPresent()) {
            add(timeS, value.getAsDouble());
        }
    }

    OptionalDouble last() {
        return n == 0 ? OptionalDouble.empty() : OptionalDouble.of(v[n - 1]);
    }

    /** The value at or just before a time; the first where it is earlier than all. */
    OptionalDouble held(double atS) {
        int i = n - 1;
        while (i > 0 && t[i] > atS) {
            i--;
        }
        return i < 0 ? OptionalDouble.empty() : OptionalDouble.of(v[i]);
    }

    /** The line through what lies in {@code [fromS, toS]}, given at {@code toS}; empty with fewer than four values. */
    Optional<LocalFit> line(double fromS, double toS) {
        int hi = n;
        while (hi > 0 && t[hi - 1] > toS) {
            hi--;
        }
        int lo = hi;
        while (lo > 0 && t[lo - 1] >= fromS) {
            lo--;
        }
        return hi - lo < RateOfRise.FEWEST_READINGS
                ? Optional.empty()
                : Optional.of(LocalFit.of(t, v, lo, hi, toS, false));
    }

    Series series() {
        return new Series(Arrays.copyOf(t, n), Arrays.copyOf(v, n));
    }
}
