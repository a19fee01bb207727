package barrowmist.core.machine;

import barrowmist.core.roast.EventKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * How well a way of looking ahead told the events of roasts that it had not seen, by how far ahead it looked.
 *
 * @param spans one for each event and distance that was tried
 */
public record OutlookRecord(List<Span> spans) {

    public static final OutlookRecord NONE = new OutlookRecord(List.of());

    /** Ends of the distances that are told apart, s. */
    private static final double[] ENDS_S = {30, 60, 100, 150, 220, 320, Double.MAX_VALUE};

    /** A span with fewer roasts tells nothing (house default). */
    private static final int FEWEST = 3;

    /** A standard deviation of few is itself uncertain: so much wider, as a share over their number (house default). */
    private static final double FEW = 0.8;

    private static final double FIRST_LOOK_S = 40;
    private static final double BETWEEN_LOOKS_S = 20;
    private static final double LAST_LOOK_S = 8;

    /**
     * One look.
     *
     * @param roast which roast
     * @param event what was looked for
     * @param aheadS how far ahead it was expected, s
     * @param missS expected less actual, s
     */
    public record Miss(int roast, EventKind event, double aheadS, double missS) {}

    /**
     * What came of looks that were about as far ahead.
     *
     * @param event what was looked for
     * @param toS expected at most so far ahead, s
     * @param roasts how many roasts it was tried on
     * @param bias expected less actual in the middle, s, as far as so few are believed
     * @param sd standard deviation about it, s
     */
    public record Span(EventKind event, double toS, int roasts, double bias, double sd) {}

    public OutlookRecord {
        spans = List.copyOf(spans);
    }

    /** When to look at a roast that is tried, s since charge. */
    public static DoubleStream looks(double turnS, double eventS) {
        return DoubleStream.iterate(turnS + FIRST_LOOK_S, t -> t <= eventS - LAST_LOOK_S, t -> t + BETWEEN_LOOKS_S);
    }

    public static OutlookRecord of(List<Miss> misses) {
        List<Span> spans = new ArrayList<>();
        for (EventKind event : List.of(EventKind.DRY_END, EventKind.FIRST_CRACK)) {
            double from = 0;
            for (double to : ENDS_S) {
                double begin = from;
                span(
                                event,
                                to,
                                misses.stream()
                                        .filter(m -> m.event == event && m.aheadS > begin && m.aheadS <= to)
                                        .toList())
                        .ifPresent(spans::add);
                from = to;
            }
        }
        return new OutlookRecord(spans);
    }

    /** Looks of one roast are alike and count as one. */
    private static Optional<Span> span(EventKind event, double toS, List<Miss> misses) {
        double[] each = misses.stream()
                .mapToInt(Miss::roast)
                .distinct()
                .mapToDouble(r -> misses.stream()
                        .filter(m -> m.roast == r)
                        .mapToDouble(Miss::missS)
                        .average()
                        .orElseThrow())
                .toArray();
        int n = each.length;
        if (n < FEWEST) {
            return Optional.empty();
        }
        double mean = DoubleStream.of(each).average().orElseThrow();
        double variance =
                DoubleStream.of(each).map(m -> (m - mean) * (m - mean)).sum() / (n - 1);
        // believed as far as it stands out from its own uncertainty (James and Stein 1961)
        double bias = mean == 0 ? 0 : mean * Math.max(0, 1 - variance / n / (mean * mean));
        double squares = DoubleStream.of(each).map(m -> (m - bias) * (m - bias)).sum();
        double sd = Math.sqrt(squares / (n - 1) * (1 + 1.0 / n)) * (1 + FEW / n);
        return Optional.of(new Span(event, toS, n, bias, sd));
    }

    /** What came of looks for an event that was expected so far ahead, s; of the nearest distance where none was as far. */
    public Optional<Span> at(EventKind event, double aheadS) {
        List<Span> of = spans.stream().filter(s -> s.event == event).toList();
        return of.stream()
                .filter(s -> aheadS <= s.toS)
                .min(Comparator.comparingDouble(Span::toS))
                .or(() -> of.stream().max(Comparator.comparingDouble(Span::toS)));
    }
}
