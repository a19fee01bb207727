package barrowmist.core.decision.batch;

import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.hipparchus.stat.inference.TTest;

/**
 * What goes along with a figure: the first batch of a day, a person, another green, a season, what was done to the roaster. Where
 * to look, and no proof.
 */
public final class WhatChanged {

    /** So rarely would chance alone show such a difference, before it is said (house default). */
    private static final double BY_CHANCE = 0.01;

    private static final int FEWEST = 5;

    private WhatChanged() {}

    /**
     * Something done to the roaster.
     *
     * @param day from which on it holds
     * @param text what was done, as it goes on after "since": "the bean probe was changed"
     */
    public record Done(LocalDate day, String text) {}

    /** The same where nothing is known of the roaster. */
    public static List<String> of(ControlChart chart, List<Batch> batches, Wording wording) {
        return of(chart, batches, List.of(), wording);
    }

    /**
     * Sentences, the clearest first; none where nothing stands out.
     *
     * @param batches in the order of the chart
     */
    public static List<String> of(ControlChart chart, List<Batch> batches, List<Done> done, Wording wording) {
        List<Found> found = new ArrayList<>();
        BatchFigure figure = chart.figure();
        compared(figure, batches, b -> b.numberInDay() == 1, "The first batch of a day", wording, found);
        each(figure, batches, Batch::person, "Roasted by ", wording, found);
        each(figure, batches, Batch::lot, "", wording, found);
        if (seasonsCanBeTold(batches)) {
            each(figure, batches, b -> season(b.day()), "", wording, found);
        }
        done.forEach(d ->
                compared(figure, batches, since(d), "Since " + d.text() + " (" + d.day() + ") it", wording, found));
        chart.driftsNow().ifPresent(s -> sinceDrift(s, batches, done, found));
        return found.stream()
                .sorted((a, b) -> Double.compare(a.p, b.p))
                .map(Found::text)
                .toList();
    }

    private record Found(double p, String text) {}

    private static Predicate<Batch> since(Done done) {
        return b -> !b.day().isBefore(done.day());
    }

    /** So long batches have to go on before a season is more than a stretch of time, days (house default). */
    private static final long SEASONS_DAYS = 300;

    private static boolean seasonsCanBeTold(List<Batch> batches) {
        return batches.size() > 1
                && ChronoUnit.DAYS.between(
                                batches.get(0).day(),
                                batches.get(batches.size() - 1).day())
                        >= SEASONS_DAYS;
    }

    /** The three months of a day, by their names: they hold north and south of the equator. */
    private static String season(LocalDate day) {
        int first = day.getMonthValue() / 3 * 3;
        return "In " + month(first) + " to " + month(first + 2) + " it";
    }

    private static String month(int of) {
        return Month.of((of + 11) % 12 + 1).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

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
    private static void sinceDrift(ControlChart.Signal drift, List<Batch> batches, List<Done> done, List<Found> found) {
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
                .forEach(d -> found.add(new Found(BY_CHANCE, "Since " + d.day() + " " + d.text() + ".")));
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
