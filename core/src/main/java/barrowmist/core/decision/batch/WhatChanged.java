package barrowmist.core.decision.batch;

import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.hipparchus.stat.inference.TTest;

/** What goes along with a figure: the first batch of a day, a person, another green. Where to look, and no proof. */
public final class WhatChanged {

    /** So rarely would chance alone show such a difference, before it is said (house default). */
    private static final double BY_CHANCE = 0.01;

    private static final int FEWEST = 5;

    private WhatChanged() {}

    /** Sentences, the clearest first; none where nothing stands out. */
    public static List<String> of(ControlChart chart, List<Batch> batches, Wording wording) {
        List<Found> found = new ArrayList<>();
        BatchFigure figure = chart.figure();
        compared(figure, batches, b -> b.numberInDay() == 1, "The first batch of a day", wording, found);
        each(figure, batches, Batch::person, "Roasted by ", wording, found);
        each(figure, batches, Batch::lot, "", wording, found);
        chart.driftsNow().ifPresent(s -> sinceDrift(s, batches, found));
        return found.stream()
                .sorted((a, b) -> Double.compare(a.p, b.p))
                .map(Found::text)
                .toList();
    }

    private record Found(double p, String text) {}

    private static void each(
            BatchFigure figure,
            List<Batch> batches,
            Function<Batch, String> by,
            String said,
            Wording wording,
            List<Found> found) {
        Map<String, Long> counts = batches.stream()
                .map(by)
                .filter(name -> !name.isEmpty())
                .collect(Collectors.groupingBy(name -> name, TreeMap::new, Collectors.counting()));
        if (counts.size() < 2) {
            return;
        }
        counts.values().removeIf(n -> n < FEWEST);
        counts.keySet()
                .forEach(name -> compared(figure, batches, b -> by.apply(b).equals(name), said + name, wording, found));
    }

    private static void compared(
            BatchFigure figure,
            List<Batch> batches,
            Predicate<Batch> those,
            String name,
            Wording wording,
            List<Found> found) {
        double[] in = values(figure, batches, those);
        double[] out = values(figure, batches, those.negate());
        if (in.length < FEWEST || out.length < FEWEST || Math.max(spread(in), spread(out)) == 0) {
            return;
        }
        double p = new TTest().tTest(in, out);
        if (p < BY_CHANCE) {
            double off = mean(in) - mean(out);
            found.add(new Found(
                    p,
                    "%s lies %s %s than the rest (%d and %d batches)."
                            .formatted(
                                    name,
                                    figure.apart(Math.abs(off), wording),
                                    off > 0 ? "higher" : "lower",
                                    in.length,
                                    out.length)));
        }
    }

    /** What began in the batches just before the drift was seen. */
    private static void sinceDrift(ControlChart.Signal drift, List<Batch> batches, List<Found> found) {
        int at = 0;
        while (at < batches.size() - 1 && batches.get(at).roastId() != drift.roastId()) {
            at++;
        }
        int from = Math.max(0, at - LOOK_BACK);
        for (int i = Math.max(1, from); i <= at; i++) {
            Batch b = batches.get(i);
            Batch before = batches.get(i - 1);
            begun(batches.subList(0, i), b, before, Batch::lot, "green was changed to ", found);
            begun(batches.subList(0, i), b, before, Batch::person, "it is roasted by ", found);
        }
    }

    /** So many batches a drift may have gone on before it is seen (house default). */
    private static final int LOOK_BACK = 15;

    private static void begun(
            List<Batch> earlier, Batch b, Batch before, Function<Batch, String> of, String said, List<Found> found) {
        String now = of.apply(b);
        boolean isNew = !now.isEmpty()
                && !Objects.equals(now, of.apply(before))
                && earlier.stream().noneMatch(e -> of.apply(e).equals(now));
        if (isNew) {
            found.add(new Found(BY_CHANCE, "Since " + b.day() + " " + said + now + "."));
        }
    }

    private static double[] values(BatchFigure figure, List<Batch> batches, Predicate<Batch> those) {
        return batches.stream()
                .filter(those)
                .filter(b -> figure.of(b).isPresent())
                .mapToDouble(b -> figure.of(b).orElseThrow())
                .toArray();
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).average().orElseThrow();
    }

    private static double spread(double[] values) {
        double mean = mean(values);
        return Arrays.stream(values).map(v -> Math.abs(v - mean)).max().orElse(0);
    }
}
