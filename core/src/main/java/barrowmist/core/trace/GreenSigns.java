package barrowmist.core.trace;

import barrowmist.core.green.Defect;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.Process;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.core.green.ScreenRange;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

/** Reads the green: moisture, smell, colour, age, defects, sizes. */
final class GreenSigns {

    /** Defects are counted on 350 g (SCA Arabica green grading, value from memory). */
    private static final double SAMPLE_G = 350;

    private final TraceInput in;
    private final GreenFacts green;
    private final Inspection seen;
    private final SignReading out;

    GreenSigns(TraceInput in, SignReading out) {
        this.in = in;
        this.green = in.green();
        this.seen = in.inspection();
        this.out = out;
    }

    void read() {
        green.moisturePct().ifPresent(m -> {
            double most = green.limits().moistureMaxPct();
            double least = green.limits().moistureMinPct();
            String text = String.format(Locale.ROOT, "green at %.1f %% moisture, wanted %.0f to %.0f", m, least, most);
            out.figure(Sign.MOIST, m - most, text);
            out.figure(Sign.DRY, least - m, text);
        });
        seen.waterActivity()
                .ifPresent(a -> out.figure(Sign.WATER_ACTIVE, a, String.format(Locale.ROOT, "water activity %.2f", a)));
        smells();
        seen.colour()
                .ifPresent(c -> out.seen(Sign.FADED, Inspection.COLOURS.indexOf(c) >= fadedFrom(), "green is " + c));
        double months = green.ageMonths(in.roast().roastedOn());
        out.figure(
                Sign.OLD,
                months - green.limits().maxAgeMonths(),
                "%.0f months %s".formatted(months, green.harvest().isPresent() ? "since harvest" : "since it arrived"));
        seen.defects().ifPresent(this::defects);
        sizes();
        marks();
    }

    /** Yellow is usual where the fruit dried on the seed (common practice, no published source). */
    private int fadedFrom() {
        boolean driedInTheFruit = green.process() == Process.NATURAL || green.process() == Process.HONEY;
        return Inspection.COLOURS.indexOf(driedInTheFruit ? "brownish" : "yellow");
    }

    private void smells() {
        if (seen.smells().isEmpty() && !seen.mouldOrTaint()) {
            return;
        }
        smell(Sign.MUSTY_SMELL, List.of("musty", "mould", "earthy"), seen.mouldOrTaint());
        smell(Sign.FERMENT_SMELL, List.of("ferment"), false);
        smell(Sign.CHEMICAL_SMELL, List.of("chemical"), false);
        smell(Sign.OLD_SMELL, List.of("woody", "sack"), false);
    }

    private void smell(Sign sign, List<String> words, boolean seenToo) {
        List<String> found = seen.smells().stream().filter(words::contains).toList();
        String text = found.isEmpty()
                ? seenToo
                        ? "mould is seen or a taint is smelled"
                        : "green smells of " + String.join(", ", seen.smells())
                : "green smells of " + String.join(", ", found);
        out.seen(sign, !found.isEmpty() || seenToo, text);
    }

    private void defects(Map<Defect, Integer> counts) {
        double scale = SAMPLE_G / seen.defectSampleG().orElse(SAMPLE_G);
        double fungus = scale * counts.getOrDefault(Defect.FUNGUS, 0);
        out.figure(Sign.FUNGUS, fungus, count(fungus, "bean") + " with fungus in 350 g");
        double sour = scale * full(counts, Defect.FULL_SOUR, Defect.PARTIAL_SOUR);
        out.figure(Sign.SOUR_BEANS, sour, String.format(Locale.ROOT, "%.1f full defects of sour beans in 350 g", sour));
        double insect = scale * full(counts, Defect.SEVERE_INSECT, Defect.SLIGHT_INSECT);
        out.figure(Sign.INSECT, insect, String.format(Locale.ROOT, "%.1f full defects of insects in 350 g", insect));
        double unripe = scale * counts.getOrDefault(Defect.IMMATURE, 0);
        out.figure(Sign.UNRIPE, unripe, "unripe: " + count(unripe, "bean") + " in 350 g");
    }

    private static String count(double n, String what) {
        long k = Math.round(n);
        return (k == 0 ? "no" : Long.toString(k)) + " " + what + (k == 1 ? "" : "s");
    }

    /** Not rounded down: here a share of a defect says something too. */
    private static double full(Map<Defect, Integer> counts, Defect... kinds) {
        double sum = 0;
        for (Defect kind : kinds) {
            sum += counts.getOrDefault(kind, 0) / (double) kind.beansPerFullDefect();
        }
        return sum;
    }

    private void sizes() {
        OptionalDouble spread = green.screenSpread().isPresent()
                ? green.screenSpread()
                : green.screen().stream().mapToDouble(ScreenRange::spread).findFirst();
        spread.ifPresent(s -> out.figure(
                Sign.MIXED_SIZES,
                s - ScreenAnalysis.WIDE_SPREAD,
                String.format(Locale.ROOT, "sizes spread by %.1f/64 in, wide is %.1f", s, ScreenAnalysis.WIDE_SPREAD)));
    }

    private void marks() {
        boolean natural = green.process() == Process.NATURAL;
        if (natural || green.densityGPerL().isPresent() || green.screen().isPresent()) {
            boolean easily = natural || green.soft() || green.small();
            String text = natural ? "a natural" : green.small() ? "small beans" : "soft beans";
            out.seen(
                    Sign.MARKS_EASILY,
                    easily,
                    easily ? text + ": marks more easily" : "neither natural, nor soft or small");
        }
    }
}
