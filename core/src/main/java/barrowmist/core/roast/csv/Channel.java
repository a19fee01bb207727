package barrowmist.core.roast.csv;

import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;

/** Growing readings of one column. */
final class Channel {
    private final List<Double> timeS = new ArrayList<>();
    private final List<Double> value = new ArrayList<>();

    void add(double t, double v) {
        timeS.add(t);
        value.add(v);
    }

    Series series() {
        return new Series(
                timeS.stream().mapToDouble(Double::doubleValue).toArray(),
                value.stream().mapToDouble(Double::doubleValue).toArray());
    }
}
