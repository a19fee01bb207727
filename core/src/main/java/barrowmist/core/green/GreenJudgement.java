package barrowmist.core.green;

import barrowmist.core.check.Coded;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a figure of an inspection comes to against the lab's limits, and what it means for the roast.
 *
 * @param field the figure's name on the wire
 * @param verdict how it stands
 * @param text why, and what follows
 */
public record GreenJudgement(String field, Verdict verdict, String text) {

    /** How a figure stands. */
    public enum Verdict implements Coded {
        GOOD("good"),
        /** Workable, but to be known. */
        WATCH("watch"),
        /** Outside the lab's limits. */
        OUT("out of limits"),
        /** Not roasted and not tasted. */
        STOP("stop");

        private final String label;

        Verdict(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Judges every figure that was measured, in the order of the page. */
    public static List<GreenJudgement> of(Inspection i, GreenLimits limits, LocalDate today) {
        List<GreenJudgement> all = new ArrayList<>();
        i.moisturePct().ifPresent(v -> all.add(moisture(v, limits)));
        i.waterActivity().ifPresent(v -> all.add(waterActivity(v, limits)));
        i.density().ifPresent(v -> all.add(density(v, limits)));
        i.screens().ifPresent(s -> screens(all, s, limits));
        i.harvest().ifPresent(h -> all.add(age(h, limits, today)));
        words(all, i);
        if (i.mouldOrTaint()) {
            all.add(new GreenJudgement(
                    "mouldOrTaint",
                    Verdict.STOP,
                    "Mould or chemicals: this sample is not roasted and not tasted. Keep it closed and apart, and tell"
                            + " the supplier."));
        }
        return all;
    }

    /** Whether the sample may be roasted and tasted at all. */
    public static boolean stops(Inspection inspection) {
        return inspection.mouldOrTaint()
                || inspection.smells().contains("mould")
                || inspection.smells().contains("chemical");
    }

    private static GreenJudgement moisture(double v, GreenLimits l) {
        if (v > l.moistureMaxPct()) {
            return judged(
                    "moisturePct",
                    Verdict.OUT,
                    "Above %.1f %%: it may mould in the bag, and it is hard to dry in the roast: more energy early.",
                    l.moistureMaxPct());
        }
        if (v < l.moistureWorkableMinPct()) {
            return judged(
                    "moisturePct",
                    Verdict.OUT,
                    "Below %.1f %%: aged coffee, which takes heat differently: less energy, and expect little acidity.",
                    l.moistureWorkableMinPct());
        }
        if (v < l.moistureMinPct()) {
            return judged(
                    "moisturePct",
                    Verdict.WATCH,
                    "Workable, below the wanted %.1f %%: it dries fast, less energy early.",
                    l.moistureMinPct());
        }
        return judged("moisturePct", Verdict.GOOD, "Within %.1f to %.1f %%.", l.moistureMinPct(), l.moistureMaxPct());
    }

    private static GreenJudgement waterActivity(double v, GreenLimits l) {
        if (v > l.waterActivityLimit()) {
            return judged(
                    "waterActivity",
                    Verdict.OUT,
                    "Above the limit of %.2f: mould can grow in it. Dry it or claim.",
                    l.waterActivityLimit());
        }
        if (v > l.waterActivityMax()) {
            return judged(
                    "waterActivity",
                    Verdict.WATCH,
                    "Above the comfortable %.2f: it will fade early in the store.",
                    l.waterActivityMax());
        }
        if (v < l.waterActivityMin()) {
            return judged(
                    "waterActivity", Verdict.WATCH, "Below %.2f: dry, it may taste old early.", l.waterActivityMin());
        }
        return judged(
                "waterActivity", Verdict.GOOD, "Within %.2f to %.2f.", l.waterActivityMin(), l.waterActivityMax());
    }

    private static GreenJudgement density(double v, GreenLimits l) {
        if (v < l.softGPerL()) {
            return judged(
                    "densityGPerL", Verdict.WATCH, "Soft, below %.0f g/L: less heat, it marks easily.", l.softGPerL());
        }
        return v >= l.denseGPerL()
                ? judged("densityGPerL", Verdict.GOOD, "Dense, %.0f g/L and up: it asks for more heat.", l.denseGPerL())
                : judged("densityGPerL", Verdict.GOOD, "Neither soft nor dense.");
    }

    private static void screens(List<GreenJudgement> all, ScreenAnalysis s, GreenLimits l) {
        s.doubt().ifPresent(d -> all.add(new GreenJudgement("sieves", Verdict.WATCH, d)));
        s.belowContractPct()
                .ifPresent(pct -> all.add(
                        pct > l.belowScreenPct()
                                ? judged(
                                        "contractScreen",
                                        Verdict.OUT,
                                        "%.1f %% fall through the screen asked for, at most %.1f %% are wanted.",
                                        pct,
                                        l.belowScreenPct())
                                : judged(
                                        "contractScreen",
                                        Verdict.GOOD,
                                        "%.1f %% fall through the screen asked for.",
                                        pct)));
        all.add(
                s.wide()
                        ? judged(
                                "spread",
                                Verdict.WATCH,
                                "A wide mix of sizes (±%.1f screens): light and dark beans in one roast; go gently.",
                                s.spread())
                        : judged("spread", Verdict.GOOD, "An even size (±%.1f screens).", s.spread()));
    }

    private static GreenJudgement age(LocalDate harvest, GreenLimits l, LocalDate today) {
        double months = Months.between(harvest, today);
        return months > l.maxAgeMonths()
                ? judged(
                        "harvest",
                        Verdict.WATCH,
                        "%.0f months since harvest, beyond %.0f: expect wood and little acidity.",
                        months,
                        l.maxAgeMonths())
                : judged("harvest", Verdict.GOOD, "%.0f months since harvest.", months);
    }

    private static void words(List<GreenJudgement> all, Inspection i) {
        int musty = Inspection.SMELLS.indexOf("musty");
        List<String> bad = i.smells().stream()
                .filter(w -> Inspection.SMELLS.indexOf(w) >= musty)
                .toList();
        if (!bad.isEmpty()) {
            boolean stop = stops(i);
            all.add(new GreenJudgement(
                    "smells",
                    stop ? Verdict.STOP : Verdict.WATCH,
                    "Smells of " + String.join(", ", bad)
                            + (stop ? ": not roasted and not tasted." : ": look for it in the cup.")));
        }
        i.colour()
                .filter(c -> Inspection.COLOURS.indexOf(c) >= Inspection.COLOURS.indexOf("yellow"))
                .ifPresent(c -> all.add(new GreenJudgement(
                        "colour",
                        Verdict.WATCH,
                        Wording.capital(c)
                                + ": usual where the fruit dried on the seed; else aged, or dried or stored warm.")));
    }

    private static GreenJudgement judged(String field, Verdict verdict, String text, Object... values) {
        return new GreenJudgement(field, verdict, String.format(Locale.ROOT, text, values));
    }
}
