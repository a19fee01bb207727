package barrowmist.core.trace;

import static barrowmist.core.trace.Evidence.Source.BENCH;
import static barrowmist.core.trace.Evidence.Source.GREEN;
import static barrowmist.core.trace.Evidence.Source.LOG;
import static java.util.Map.entry;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Phases;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.units.Wording;
import java.util.Map;
import java.util.Optional;

/** Underdeveloped: the inside was not roasted through. All weights are house defaults. */
final class UnderdevelopedRule implements CauseRule {

    private static final Map<String, Double> WORDS = Map.ofEntries(
            entry("grassy", 1.0),
            entry("raw grain", 1.0),
            entry("pea pod", 0.8),
            entry("hay", 0.7),
            entry("peanut skin", 0.7),
            entry("doughy", 0.7),
            entry("wheat", 0.6),
            entry("sour", 0.6),
            entry("drying", 0.5),
            entry("thin", 0.5),
            entry("bready", 0.4),
            entry("bitter", 0.2));

    private static final double SHORT_BASE = 0.9;
    private static final double SHORT_PER_PCT = 0.2;
    private static final double SHORT_MOST = 1.8;
    private static final double FAST_BASE = 0.9;
    private static final double FAST_PER_C_PER_MIN = 0.15;
    private static final double FAST_MOST = 1.6;
    private static final double USUAL_COLOUR_GAP = 6;
    private static final double SOUND_LOSS_PCT = 12.5;

    /** Seconds added to development by one correction: at least, at most. */
    private static final double LEAST_LONGER_S = 10;

    private static final double MOST_LONGER_S = 45;

    /** A calm rate of rise at first crack for a washed coffee, °C/min (common practice, no published source). */
    private static final double CALM_WASHED_C_PER_MIN = 8;

    private final TraceSettings settings;

    UnderdevelopedRule(TraceSettings settings) {
        this.settings = settings;
    }

    @Override
    public Cause cause() {
        return Cause.UNDERDEVELOPED;
    }

    @Override
    public Map<String, Double> words() {
        return WORDS;
    }

    @Override
    public void weigh(TraceInput in, Wording wording, GatheredEvidence gathered) {
        Optional<Phases.Phase> development = in.analysis().figures().phases().development();
        if (development.isEmpty()) {
            gathered.missing("First crack or drop is not marked: development cannot be worked out.");
        }
        development.ifPresent(d -> weighDevelopment(in, d, wording, gathered));
        weighSpeed(in, wording, gathered);
        weighColour(in, gathered);
        weighInside(in, gathered);
        weighGreen(in.green(), gathered);
    }

    private boolean fast(RoastFigures figures) {
        return figures.rorAtFirstCrackCPerMin().isPresent()
                && figures.rorAtFirstCrackCPerMin().getAsDouble() > settings.fastAtFirstCrackCPerMin();
    }

    private void weighDevelopment(TraceInput in, Phases.Phase d, Wording wording, GatheredEvidence gathered) {
        double pct = d.sharePct().orElse(0);
        String text = "development %.0f %%, %s".formatted(pct, Clock.text(d.durationS()));
        if (pct < settings.shortDevelopmentPct()) {
            double weight = Math.min(SHORT_MOST, SHORT_BASE + SHORT_PER_PCT * (settings.shortDevelopmentPct() - pct));
            gathered.add(Evidence.log(weight, text + ": short", d.fromS(), d.toS()));
        } else if (pct >= settings.enoughDevelopmentPct()) {
            // time alone does not help an inside that the outside has left behind
            gathered.add(LOG, fast(in.analysis().figures()) ? -0.3 : -0.8, text + ": long enough");
        }
        if (d.riseC() < settings.fewDegreesC()) {
            gathered.add(Evidence.log(
                    0.4,
                    "%s from first crack to drop: few".formatted(wording.difference(d.riseC())),
                    d.fromS(),
                    d.toS()));
        }
    }

    private void weighSpeed(TraceInput in, Wording wording, GatheredEvidence gathered) {
        RoastFigures figures = in.analysis().figures();
        if (figures.rorAtFirstCrackCPerMin().isEmpty()) {
            return;
        }
        double ror = figures.rorAtFirstCrackCPerMin().getAsDouble();
        double crackS = figures.firstCrack().orElseThrow().timeS();
        if (fast(figures)) {
            double weight =
                    Math.min(FAST_MOST, FAST_BASE + FAST_PER_C_PER_MIN * (ror - settings.fastAtFirstCrackCPerMin()));
            gathered.add(Evidence.log(
                    weight,
                    "%s at first crack: the outside runs ahead of the inside".formatted(wording.rate(ror)),
                    crackS - 60,
                    crackS));
        } else {
            gathered.add(LOG, -0.3, "%s at first crack: calm".formatted(wording.rate(ror)));
        }
    }

    private static void weighColour(TraceInput in, GatheredEvidence gathered) {
        BenchFigures bench = in.bench();
        bench.colourGap()
                .ifPresentOrElse(
                        gap -> {
                            String text = "ground %.0f, whole %.0f"
                                    .formatted(
                                            bench.colourGround().getAsDouble(),
                                            bench.colourWhole().getAsDouble());
                            if (gap >= in.benchLimits().mostGap()) {
                                gathered.add(BENCH, 1.0, text + ": the inside is behind");
                            } else if (gap <= USUAL_COLOUR_GAP) {
                                gathered.add(BENCH, -0.6, text + ": the inside has kept up");
                            }
                        },
                        () -> gathered.missing(
                                "Colour whole and ground are not both read: a wide gap would show the inside behind."));
    }

    private static void weighInside(TraceInput in, GatheredEvidence gathered) {
        BenchFigures bench = in.bench();
        bench.oneColourThrough()
                .ifPresentOrElse(
                        one -> gathered.add(
                                BENCH,
                                one ? -0.4 : 0.8,
                                one ? "a broken bean is one colour through" : "a broken bean is paler inside"),
                        () -> gathered.missing("No bean was broken open: pale inside would speak for it."));
        bench.weightLossPct().ifPresent(loss -> {
            String text = "weight loss %.1f %%".formatted(loss);
            if (loss < in.benchLimits().leastLossPct()) {
                gathered.add(BENCH, 0.5, text + ": low");
            } else if (loss >= SOUND_LOSS_PCT) {
                gathered.add(BENCH, -0.3, text + ": not low");
            }
        });
    }

    private static void weighGreen(GreenFacts green, GatheredEvidence gathered) {
        if (green.dense()) {
            gathered.add(GREEN, 0.2, "dense beans: ask for more heat");
        }
        if (green.moist()) {
            gathered.add(GREEN, 0.2, "moist beans: ask for more heat early");
        }
    }

    @Override
    public Optional<Correction> correct(TraceInput in, Wording wording) {
        RoastFigures figures = in.analysis().figures();
        if (fast(figures)) {
            return Optional.of(calmer(in, figures.rorAtFirstCrackCPerMin().getAsDouble(), wording));
        }
        return figures.phases().development().map(d -> longer(figures, d, wording));
    }

    private Correction calmer(TraceInput in, double ror, Wording wording) {
        boolean natural = in.green().process() == Process.NATURAL;
        double to = natural ? settings.calmAtFirstCrackCPerMin() : CALM_WASHED_C_PER_MIN;
        return new Correction(
                "ror-at-first-crack",
                ror,
                to,
                "°C/min",
                "Reach first crack at %s, not at %s: ease the gas in two small steps from dry end on."
                        .formatted(wording.rate(to), wording.rate(ror)),
                "The slower end gives the inside time to catch up with the surface; drop at the same temperature.");
    }

    /** Seconds x that bring (development + x) / (total + x) to the target share, within bounds. */
    private Correction longer(RoastFigures figures, Phases.Phase d, Wording wording) {
        double share = settings.targetDevelopmentPct() / 100;
        double x = (share * d.toS() - d.durationS()) / (1 - share);
        double longerS = Math.round(Math.max(LEAST_LONGER_S, Math.min(MOST_LONGER_S, x)));
        double hotterC = Math.max(2, Math.min(4, figures.rorAtDropCPerMin().orElse(5) * longerS / 60));
        double dropC = figures.drop().orElseThrow().beanC();
        return new Correction(
                "development",
                d.durationS(),
                d.durationS() + longerS,
                "s",
                "Drop %.0f s later, at %s and about %s."
                        .formatted(longerS, Clock.text(d.toS() + longerS), wording.temperature(dropC + hotterC)),
                "Development grows from %s to %s: the inside is roasted through."
                        .formatted(Clock.text(d.durationS()), Clock.text(d.durationS() + longerS)));
    }
}
