package barrowmist.core.decision.batch;

import barrowmist.core.check.Coded;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One figure over the batches.
 *
 * @param figure which
 * @param points each batch that has it, in order of time
 * @param limits from the first of them; empty while there are too few
 * @param signals where something has changed, in order of time
 */
public record ControlChart(
        BatchFigure figure, List<Point> points, Optional<ControlLimits> limits, List<Signal> signals) {

    /**
     * A batch on the chart.
     *
     * @param mean exponentially weighted, up to here
     */
    public record Point(long roastId, double value, double mean) {}

    /** Something has changed at this batch, by this rule. */
    public record Signal(long roastId, Rule rule) {}

    /** By what a change is seen. */
    public enum Rule implements Coded {
        OUTSIDE("one value outside its limits"),
        DRIFT("the weighted mean has drifted"),
        RUN("nine in a row on one side of the centre"),
        TREND("six in a row rising, or falling");

        private final String label;

        Rule(String label) {
            this.label = label;
        }

        /** In running text. */
        @Override
        public String label() {
            return label;
        }
    }

    private static final int RUN = 9;
    private static final int TREND = 6;

    /**
     * @param falseCalls share of batches that each rule, outside and drift, may call on this chart though nothing changed
     * @param further whether runs and trends are signals too: they find more, and call more often for nothing (Nelson 1984, value
     *     from memory)
     */
    static ControlChart of(BatchFigure figure, List<Batch> batches, double falseCalls, boolean further) {
        List<Batch> measured =
                batches.stream().filter(b -> figure.of(b).isPresent()).toList();
        double[] values = values(figure, measured);
        double[] usual = values(
                figure,
                measured.stream()
                        .filter(b -> !b.held())
                        .limit(ControlLimits.FIRST)
                        .toList());
        Optional<ControlLimits> limits = ControlLimits.of(usual, falseCalls);
        double mean = limits.map(ControlLimits::centre).orElse(values.length == 0 ? 0 : values[0]);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            // what was held back has its cause already: it tells of no drift
            mean = measured.get(i).held() ? mean : MovingMean.DEFAULT.next(mean, values[i]);
            points.add(new Point(measured.get(i).roastId(), values[i], mean));
        }
        List<Signal> signals = limits.map(l -> signals(points, l, further)).orElse(List.of());
        return new ControlChart(figure, List.copyOf(points), limits, signals);
    }

    private static double[] values(BatchFigure figure, List<Batch> batches) {
        return batches.stream().mapToDouble(b -> figure.of(b).orElseThrow()).toArray();
    }

    private static List<Signal> signals(List<Point> points, ControlLimits limits, boolean further) {
        List<Signal> out = new ArrayList<>();
        boolean drifted = false;
        int side = 0;
        int slope = 0;
        for (int i = 0; i < points.size(); i++) {
            Point p = points.get(i);
            if (!limits.holds(p.value())) {
                out.add(new Signal(p.roastId(), Rule.OUTSIDE));
            }
            boolean off = Math.abs(p.mean() - limits.centre()) > MovingMean.DEFAULT.reach(limits, i + 1);
            if (off && !drifted) {
                out.add(new Signal(p.roastId(), Rule.DRIFT));
            }
            drifted = off;
            side = counted(side, p.value() - limits.centre());
            slope = i == 0 ? 0 : counted(slope, p.value() - points.get(i - 1).value());
            if (further && Math.abs(side) == RUN) {
                out.add(new Signal(p.roastId(), Rule.RUN));
            }
            if (further && Math.abs(slope) == TREND - 1) {
                out.add(new Signal(p.roastId(), Rule.TREND));
            }
        }
        return List.copyOf(out);
    }

    /** How many in a row had this sign, negative for below. */
    private static int counted(int before, double now) {
        int sign = (int) Math.signum(now);
        return sign != 0 && sign == Integer.signum(before) ? before + sign : sign;
    }

    /** The newest drift that still goes on at the last batch; empty for none. */
    public Optional<Signal> driftsNow() {
        if (limits.isEmpty() || points.isEmpty()) {
            return Optional.empty();
        }
        Point last = points.get(points.size() - 1);
        boolean off =
                Math.abs(last.mean() - limits.get().centre()) > MovingMean.DEFAULT.reach(limits.get(), points.size());
        return off ? signals.stream().filter(s -> s.rule() == Rule.DRIFT).reduce((a, b) -> b) : Optional.empty();
    }
}
