package barrowmist.core.trace;

import static barrowmist.core.trace.Evidence.Source.BENCH;
import static barrowmist.core.trace.Evidence.Source.CUP;
import static barrowmist.core.trace.Evidence.Source.GREEN;
import static barrowmist.core.trace.Evidence.Source.LOG;
import static barrowmist.core.trace.Evidence.Source.TIME;
import static java.util.Map.entry;

import barrowmist.core.green.Process;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.Phases;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.units.Wording;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Baked: heat that fell away or dragged on, so that nothing came of it. All weights are house defaults. */
final class BakedRule implements CauseRule {

    private static final Map<String, Double> WORDS = Map.ofEntries(
            entry("flat", 1.0),
            entry("dull", 0.9),
            entry("hollow", 0.9),
            entry("bready", 0.6),
            entry("papery", 0.5),
            entry("little sweetness", 0.6),
            entry("little acidity", 0.5),
            entry("little aroma", 0.5),
            entry("wheat", 0.3),
            entry("cardboard", 0.3));

    private static final double CRASH_BASE = 1.2;
    private static final double CRASH_PER_C_PER_MIN = 0.15;
    private static final double CRASH_MOST = 2.0;
    private static final double STALL_BASE = 1.0;
    private static final double STALL_PER_S = 0.006;
    private static final double STALL_MOST = 1.8;
    private static final double LIVELY_ACIDITY = 7.75;
    private static final double COLOUR_NEAR = 3;
    private static final double CLEARLY_RESTED_HOURS = 12;
    private static final double NATURAL_REST_HOURS = 24;

    private final TraceSettings settings;

    BakedRule(TraceSettings settings) {
        this.settings = settings;
    }

    @Override
    public Cause cause() {
        return Cause.BAKED;
    }

    @Override
    public Map<String, Double> words() {
        return WORDS;
    }

    @Override
    public void weigh(TraceInput in, Wording wording, GatheredEvidence gathered) {
        weighCurve(in, wording, gathered);
        weighLength(in, gathered);
        in.cup().acidity().stream()
                .filter(a -> a >= LIVELY_ACIDITY)
                .forEach(a -> gathered.add(
                        CUP, -0.6, "acidity " + Wording.number(a) + ": lively, where baking takes it away"));
        // what else could make a cup flat matters only where one is
        if (in.cup().words().keySet().stream().anyMatch(WORDS::containsKey)) {
            weighBench(in.bench(), gathered);
            weighRest(in, gathered);
            weighAge(in, gathered);
        }
    }

    private void weighCurve(TraceInput in, Wording wording, GatheredEvidence gathered) {
        List<Fault> crashes = in.analysis().faults(Fault.Kind.CRASH);
        List<Fault> stalls = in.analysis().faults(Fault.Kind.STALL);
        for (Fault f : crashes) {
            double weight = Math.min(
                    CRASH_MOST,
                    CRASH_BASE
                            + CRASH_PER_C_PER_MIN
                                    * (f.depthCPerMin()
                                            - in.analysis().judgedBy().crashDepthCPerMin()));
            gathered.add(Evidence.log(
                    weight,
                    "rate of rise crashed at %s: %s to %s in %d s"
                            .formatted(
                                    Clock.text(f.fromS()),
                                    wording.bareRate(f.fromCPerMin()),
                                    wording.rate(f.toCPerMin()),
                                    Math.round(f.durationS())),
                    f.fromS(),
                    f.toS()));
        }
        for (Fault f : stalls) {
            double weight = Math.min(
                    STALL_MOST,
                    STALL_BASE
                            + STALL_PER_S
                                    * (f.durationS() - in.analysis().judgedBy().stallHoldS()));
            gathered.add(Evidence.log(
                    weight,
                    "rate of rise stalled near %s for %d s from %s"
                            .formatted(wording.rate(f.toCPerMin()), Math.round(f.durationS()), Clock.text(f.fromS())),
                    f.fromS(),
                    f.toS()));
        }
        if (crashes.isEmpty() && stalls.isEmpty() && !in.analysis().ror().isEmpty()) {
            gathered.add(LOG, -1.0, "rate of rise falls steadily: no crash, no stall");
        }
        if (!in.analysis().notices().isEmpty()) {
            gathered.missing("Readings are missing in the log: a fault in the gap would not be seen.");
        }
    }

    private void weighLength(TraceInput in, GatheredEvidence gathered) {
        in.analysis().figures().totalS().stream()
                .filter(t -> t > settings.longTotalS())
                .forEach(t -> gathered.add(Evidence.log(
                        0.5,
                        "%s in all: longer than %s".formatted(Clock.text(t), Clock.text(settings.longTotalS())),
                        settings.longTotalS(),
                        t)));
        in.analysis()
                .figures()
                .phases()
                .browning()
                .ifPresent(b -> b.sharePct().ifPresent(pct -> weighShare(pct, b, gathered)));
    }

    private void weighShare(double pct, Phases.Phase browning, GatheredEvidence gathered) {
        if (pct > settings.longBrowningPct()) {
            gathered.add(Evidence.log(0.5, "browning %.0f %%: long".formatted(pct), browning.fromS(), browning.toS()));
        } else {
            gathered.add(LOG, -0.2, "browning %.0f %%: not long".formatted(pct));
        }
    }

    private static void weighBench(BenchFigures bench, GatheredEvidence gathered) {
        bench.colourWhole()
                .ifPresentOrElse(
                        colour -> {
                            double off = colour - BenchFigures.PROTOCOL_COLOUR_WHOLE;
                            if (Math.abs(off) <= COLOUR_NEAR) {
                                gathered.add(
                                        BENCH,
                                        0.3,
                                        "colour whole %.0f: as planned, so neither dark nor pale".formatted(colour));
                            } else {
                                String how = off < 0 ? "dark" : "pale";
                                gathered.add(
                                        BENCH,
                                        -0.3,
                                        "colour whole %.0f: %s, which may be the taste".formatted(colour, how));
                            }
                        },
                        () -> gathered.missing(
                                "Colour whole is not read: near 58 it would rule out too dark and too pale."));
        bench.quakersPer100g()
                .ifPresentOrElse(
                        n -> {
                            if (n > 0) {
                                gathered.add(
                                        BENCH,
                                        -0.2 * Math.min(n, 4),
                                        n + (n == 1 ? " quaker" : " quakers")
                                                + " in 100 g: bready and papery may be theirs");
                            }
                        },
                        () -> gathered.missing("Quakers are not counted: they taste bready and papery too."));
    }

    private void weighRest(TraceInput in, GatheredEvidence gathered) {
        if (in.restHours().isEmpty()) {
            gathered.missing("Roasting or cupping time is not known: a cup too young is flat as well.");
            return;
        }
        double hours = in.restHours().getAsDouble();
        boolean natural = in.green().process() == Process.NATURAL;
        if (hours < in.school().opensH(Process.WASHED)) {
            gathered.add(TIME, -1.0, "cupped after %.0f h: flatness may be youth".formatted(hours));
        } else if (natural && hours < NATURAL_REST_HOURS) {
            gathered.add(TIME, -0.4, "cupped after %.0f h: a natural may still be closed".formatted(hours));
        } else if (hours < CLEARLY_RESTED_HOURS) {
            gathered.add(
                    TIME,
                    0.1,
                    "%.0f h rest: only just past the %.0f h of the %s style"
                            .formatted(
                                    hours,
                                    in.school().opensH(Process.WASHED),
                                    in.school().label()));
        } else {
            gathered.add(TIME, 0.4, "%.0f h rest: flatness is not youth".formatted(hours));
        }
    }

    private void weighAge(TraceInput in, GatheredEvidence gathered) {
        boolean old = in.green().old(in.roastedOn());
        if (in.green().dry() || old) {
            String why = old ? "%.0f months old".formatted(in.green().ageMonths(in.roastedOn())) : "dry green";
            gathered.add(GREEN, -0.5, why + ": flatness may be age");
        } else if (in.green().moisturePct().isPresent()) {
            gathered.add(GREEN, 0.3, "fresh, moist enough: flatness is not age");
        } else {
            gathered.missing("Moisture of the green is not measured: a dried-out lot is flat as well.");
        }
    }

    @Override
    public Optional<Correction> correct(TraceInput in, Wording wording) {
        Comparator<Fault> deepest = Comparator.comparingDouble(Fault::depthCPerMin);
        Optional<Fault> crash = in.analysis().faults(Fault.Kind.CRASH).stream().max(deepest);
        if (crash.isPresent()) {
            return Optional.of(GasCorrections.forCrash(in.analysis(), crash.get(), wording.controls()));
        }
        return in.analysis().faults(Fault.Kind.STALL).stream()
                .max(Comparator.comparingDouble(Fault::durationS))
                .map(stall -> GasCorrections.forStall(in.analysis(), stall, wording.controls()));
    }
}
