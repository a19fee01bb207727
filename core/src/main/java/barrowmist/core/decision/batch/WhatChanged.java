package barrowmist.core.decision.batch;

import barrowmist.core.check.FalseDiscovery;
import barrowmist.core.check.WelchTest;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What goes along with a figure: the first batch of a day, a person, another green, a season, what was done to the roaster. Where
 * to look, and no proof.
 */
public final class WhatChanged {

    /** Of all that is said to stand out no more than this may be chance (house default). */
    private static final double BY_CHANCE = 0.1;

    private static final int FEWEST = 5;

    private final BatchFigure figure;
    private final List<Batch> batches;

    /** The figure of each batch, read once; NaN where it was not read. */
    private final double[] values;

    private final Wording wording;
    private final List<Found> found = new ArrayList<>();

    private WhatChanged(BatchFigure figure, List<Batch> batches, Wording wording) {
        this.figure = figure;
        this.batches = batches;
        this.wording = wording;
        this.values = batches.stream()
                .mapToDouble(b -> figure.of(b).orElse(Double.NaN))
                .toArray();
    }

    /**
     * Something done to the roaster.
     *
     * @param day from which on it holds
     * @param text what was done, as it goes on after "since": "the bean probe was changed"
     */
    public record Done(LocalDate day, String text) {}

    /**
     * Sentences, the clearest first; none where nothing stands out.
     *
     * @param batches in the order of the chart
     */
    public static List<String> of(ControlChart chart, List<Batch> batches, List<Done> done, Wording wording) {
        return new WhatChanged(chart.figure(), batches, wording).said(chart, done);
    }

    private List<String> said(ControlChart chart, List<Done> done) {
        compared(b -> b.numberInDay() == 1, "The first batch of a day");
        each(Batch::person, "Roasted by ");
        each(Batch::lot, "");
        if (Season.canBeTold(batches)) {
            each(b -> "In " + Season.of(b.day()) + " it", "");
        }
        done.forEach(d -> compared(since(d), "Since " + d.text() + " (" + d.day() + ") it"));
        double most = FalseDiscovery.most(found.stream().mapToDouble(Found::p).toArray(), BY_CHANCE);
        found.removeIf(f -> f.p > most);
        chart.driftsNow().ifPresent(s -> sinceDrift(s, done));
        return found.stream()
                .sorted((x, y) -> Double.compare(x.p, y.p))
                .map(Found::text)
                .toList();
    }

    private record Found(double p, String text) {

        /** Only told to have begun then: no figure was compared. */
        static Found begun(String text) {
            return new Found(1, text);
        }
    }

    private static Predicate<Batch> since(Done done) {
        return b -> !b.day().isBefore(done.day());
    }

    private void each(Function<Batch, String> by, String said) {
        List<String> names = batches.stream().map(by).toList();
        Map<String, Long> counts = names.stream()
                .filter(name -> !name.isEmpty())
                .collect(Collectors.groupingBy(name -> name, TreeMap::new, Collectors.counting()));
        if (counts.size() < 2) {
            return;
        }
        counts.values().removeIf(n -> n < FEWEST);
        counts.keySet().forEach(name -> apart(i -> names.get(i).equals(name), said + name));
    }

    private void compared(Predicate<Batch> those, String name) {
        apart(i -> those.test(batches.get(i)), name);
    }

    /** @param those by their place */
    private void apart(IntPredicate those, String name) {
        int[] read = IntStream.range(0, values.length)
                .filter(i -> !Double.isNaN(values[i]))
                .toArray();
        double[] in = values(those);
        double[] out = values(those.negate());
        if (in.length < FEWEST || out.length < FEWEST || Math.max(spread(in), spread(out)) == 0) {
            return;
        }
        boolean[] member = new boolean[read.length];
        for (int i = 0; i < read.length; i++) {
            member[i] = those.test(read[i]);
        }
        double off = mean(in) - mean(out);
        found.add(new Found(
                WelchTest.p(IntStream.of(read).mapToDouble(i -> values[i]).toArray(), member),
                "%s lies %s %s than the rest (%d and %d batches)."
                        .formatted(
                                name,
                                figure.apart(Math.abs(off), wording),
                                off > 0 ? "higher" : "lower",
                                in.length,
                                out.length)));
    }

    /** What began in the batches just before the drift was seen. */
    private void sinceDrift(ControlChart.Signal drift, List<Done> done) {
        int at = 0;
        while (at < batches.size() - 1 && batches.get(at).roastId() != drift.roastId()) {
            at++;
        }
        int from = Math.max(0, at - LOOK_BACK);
        LocalDate first = batches.get(from).day();
        LocalDate last = batches.get(at).day();
        done.stream()
                .filter(d -> !d.day().isBefore(first) && !d.day().isAfter(last))
                .filter(d -> found.stream().noneMatch(f -> f.text().contains(d.text())))
                .forEach(d -> found.add(Found.begun("Since " + d.day() + " " + d.text() + ".")));
        for (int i = Math.max(1, from); i <= at; i++) {
            Batch b = batches.get(i);
            Batch before = batches.get(i - 1);
            begun(batches.subList(0, i), b, before, Batch::lot, "green was changed to ");
            begun(batches.subList(0, i), b, before, Batch::person, "it is roasted by ");
        }
    }

    /** So many batches a drift may have gone on before it is seen (house default). */
    private static final int LOOK_BACK = 15;

    private void begun(List<Batch> earlier, Batch b, Batch before, Function<Batch, String> of, String said) {
        String now = of.apply(b);
        boolean isNew = !now.isEmpty()
                && !Objects.equals(now, of.apply(before))
                && earlier.stream().noneMatch(e -> of.apply(e).equals(now));
        if (isNew) {
            found.add(Found.begun("Since " + b.day() + " " + said + now + "."));
        }
    }

    private double[] values(IntPredicate those) {
        return IntStream.range(0, values.length)
                .filter(i -> !Double.isNaN(values[i]))
                .filter(those)
                .mapToDouble(i -> values[i])
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
