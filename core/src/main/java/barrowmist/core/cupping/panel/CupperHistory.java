package barrowmist.core.cupping.panel;

import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How one cupper has scored over several tables. People differ in what they can taste: none of it is a mark.
 *
 * @param offset mean of the offsets, each weighed by its samples, points
 * @param scale mean spread of this cupper's scores over that of the whole tables', 1 as the others; empty where neither varies
 * @param repeats how far the same coffee under several codes was given the same, over all tables, points
 */
public record CupperHistory(OptionalDouble offset, OptionalDouble scale, OptionalDouble repeats) {

    /**
     * One table.
     *
     * @param samples scored by this cupper
     * @param offset mean of the cupper's scores less the table's, points
     * @param sd of the cupper's scores, points
     * @param tableSd of the samples' means, points
     * @param repeats within the same coffee, points
     */
    public record AtTable(
            int samples, double offset, OptionalDouble sd, OptionalDouble tableSd, OptionalDouble repeats) {}

    /** Tables where the cupper sat alone say nothing of an offset: they are to be left out. */
    public static CupperHistory of(Collection<AtTable> tables) {
        return new CupperHistory(
                tables.stream().mapToInt(AtTable::samples).sum() == 0
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(tables.stream()
                                        .mapToDouble(t -> t.samples * t.offset)
                                        .sum()
                                / tables.stream().mapToInt(AtTable::samples).sum()),
                scale(tables),
                repeats(tables));
    }

    private static OptionalDouble scale(Collection<AtTable> tables) {
        List<AtTable> varied = tables.stream()
                .filter(t -> t.sd.isPresent() && t.tableSd.orElse(0) > 0)
                .toList();
        double others = varied.stream().mapToDouble(t -> t.tableSd.orElse(0)).sum();
        return others == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        varied.stream().mapToDouble(t -> t.sd.orElse(0)).sum() / others);
    }

    private static OptionalDouble repeats(Collection<AtTable> tables) {
        double[] squares = tables.stream()
                .flatMapToDouble(t -> t.repeats.stream())
                .map(r -> r * r)
                .toArray();
        double sum = 0;
        for (double square : squares) {
            sum += square;
        }
        return squares.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(Math.sqrt(sum / squares.length));
    }
}
