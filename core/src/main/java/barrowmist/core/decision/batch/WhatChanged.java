package barrowmist.core.decision.batch;

import barrowmist.core.check.FalseDiscovery;
import barrowmist.core.check.MeanChange;
import barrowmist.core.check.WelchTest;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What goes along with a figure: what was done to the roaster, another green, another person, each from a day on; and a day that is
 * searched for. Where to look, and no proof.
 */
public final class WhatChanged {

    /** Of all that is said to stand out no more than this may be chance (house default). */
    private static final double BY_CHANCE = 0.1;

    private static final int FEWEST = 5;

    /** So many batches before the day that was found something may have begun (house default). */
    private static final int LOOK_BACK = 15;

    private final BatchFigure figure;
    private final List<Batch> batches;

    /** The figure of each batch that has it, read once. */
    private final double[] values;

    private final Wording wording;

    private WhatChanged(BatchFigure figure, List<Batch> batches, Wording wording) {
        this.figure = figure;
        this.batches = batches.stream().filter(b -> figure.of(b).isPresent()).toList();
        this.wording = wording;
        this.values = this.batches.stream()
                .mapToDouble(b -> figure.of(b).orElseThrow())
                .toArray();
    }

    /**
     * Something that holds from a day on.
     *
     * @param day from which on it holds
     * @param text what was done, as it goes on after "since": "the bean probe was changed"
     */
    public record Done(LocalDate day, String text) {}

    private record Found(double p, String text) {}

    /**
     * Sentences, the clearest first; none where nothing stands out.
     *
     * @param batches in the order of the chart
     * @param done to the roaster; what begins with a batch (another green, another person) is found in the batches
     */
    public static List<String> of(ControlChart chart, List<Batch> batches, List<Done> done, Wording wording) {
        return new WhatChanged(chart.figure(), batches, wording).said(done);
    }

    private List<String> said(List<Done> done) {
        List<Done> dated = new ArrayList<>(done);
        dated.addAll(begun(Batch::lot, "green was changed to "));
        dated.addAll(begun(Batch::person, "it is roasted by "));
        List<Found> found = new ArrayList<>();
        dated.forEach(d -> since(d).ifPresent(found::add));
        searched(dated).ifPresent(found::add);
        double most = FalseDiscovery.most(found.stream().mapToDouble(Found::p).toArray(), BY_CHANCE);
        return found.stream()
                .filter(f -> f.p <= most)
                .sorted(Comparator.comparingDouble(Found::p))
                .map(Found::text)
                .toList();
    }

    /** What no earlier batch had, from its first batch on. */
    private List<Done> begun(Function<Batch, String> of, String said) {
        List<Done> out = new ArrayList<>();
        Set<String> known = new HashSet<>();
        for (int i = 0; i < batches.size(); i++) {
            String name = of.apply(batches.get(i));
            if (!name.isEmpty() && known.add(name) && i > 0) {
                out.add(new Done(batches.get(i).day(), said + name));
            }
        }
        return out;
    }

    private Optional<Found> since(Done d) {
        int from = at(d.day());
        if (from < FEWEST || values.length - from < FEWEST || spread() == 0) {
            return Optional.empty();
        }
        boolean[] later = new boolean[values.length];
        Arrays.fill(later, from, values.length, true);
        return Optional.of(
                new Found(WelchTest.p(values, later), "Since %s (%s) it %s.".formatted(d.text(), d.day(), lies(from))));
    }

    /** The day from which on it lies otherwise, when nobody says what happened then. */
    private Optional<Found> searched(List<Done> dated) {
        return spread() == 0
                ? Optional.empty()
                : MeanChange.of(values, FEWEST)
                        .map(c -> new Found(
                                c.p(),
                                "From about %s on it %s; the day was searched for.%s"
                                        .formatted(batches.get(c.at()).day(), lies(c.at()), before(c.at(), dated))));
    }

    /** What began in the batches just before; empty for nothing. */
    private String before(int at, List<Done> dated) {
        LocalDate first = batches.get(Math.max(0, at - LOOK_BACK)).day();
        LocalDate last = batches.get(at).day();
        return dated.stream()
                .filter(d -> !d.day().isBefore(first) && !d.day().isAfter(last))
                .map(d -> " Just before, " + d.text() + " (" + d.day() + ").")
                .collect(Collectors.joining());
    }

    /** The first batch on or after a day; their number for none. */
    private int at(LocalDate day) {
        return (int) batches.stream().takeWhile(b -> b.day().isBefore(day)).count();
    }

    private String lies(int from) {
        double off = mean(from, values.length) - mean(0, from);
        return "lies %s %s than before (%d and %d batches)"
                .formatted(
                        figure.apart(Math.abs(off), wording), off > 0 ? "higher" : "lower", from, values.length - from);
    }

    private double mean(int from, int to) {
        return Arrays.stream(values, from, to).average().orElseThrow();
    }

    private double spread() {
        DoubleSummaryStatistics all = Arrays.stream(values).summaryStatistics();
        return values.length == 0 ? 0 : all.getMax() - all.getMin();
    }
}
