package barrowmist.core.trace;

import static barrowmist.core.trace.Evidence.Source.BENCH;
import static barrowmist.core.trace.Evidence.Source.GREEN;
import static barrowmist.core.trace.Evidence.Source.LOG;
import static java.util.Map.entry;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Wording;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Scorched: the surface took too much heat early. All weights are house defaults. */
final class ScorchedRule implements CauseRule {

    private static final Map<String, Double> WORDS = Map.ofEntries(
            entry("burnt", 1.0),
            entry("ashy", 0.9),
            entry("charred", 0.9),
            entry("smoky", 0.8),
            entry("harsh", 0.6),
            entry("bitter", 0.4));

    /** Charge, turning point: within so many spreads of the median is usual. */
    private static final double USUAL_SPREADS = 2;

    private static final double HOT_BASE = 0.8;
    private static final double HOT_PER_C = 0.1;
    private static final double HOT_MOST = 1.8;

    /** The window of the first heat, s since charge. */
    private static final double FIRST_HEAT_S = 150;

    private final TraceSettings settings;

    ScorchedRule(TraceSettings settings) {
        this.settings = settings;
    }

    @Override
    public Cause cause() {
        return Cause.SCORCHED;
    }

    @Override
    public Map<String, Double> words() {
        return WORDS;
    }

    @Override
    public void weigh(TraceInput in, Wording wording, GatheredEvidence gathered) {
        weighCharge(in, wording, gathered);
        weighTurningPoint(in, wording, gathered);
        in.analysis()
                .faults(Fault.Kind.SURGE)
                .forEach(f -> gathered.add(Evidence.log(
                        0.6,
                        "early rate of rise %s over what %s usually peaks at"
                                .formatted(wording.rate(f.depthCPerMin()), in.machineName()),
                        f.fromS(),
                        f.toS())));
        weighDrum(in.analysis().log().drumRpm(), wording.controls(), gathered);
        weighBench(in, gathered);
        weighGreen(in.green(), gathered);
    }

    private void weighCharge(TraceInput in, Wording wording, GatheredEvidence gathered) {
        OptionalDouble charge = in.analysis().figures().chargeC();
        if (charge.isEmpty()) {
            gathered.missing("Charge temperature is not known: mark charge in the log.");
            return;
        }
        if (!(in.reference().chargeC() instanceof Band.Learned usual)) {
            int roasts = ((Band.NotYetLearned) in.reference().chargeC()).roasts();
            gathered.missing(
                    "What %s is usually charged at for a %s coffee is not yet learned (%d of %d accepted roasts)."
                            .formatted(in.machineName(), in.green().process().label(), roasts, Band.FEWEST_ROASTS));
            return;
        }
        double excess = charge.getAsDouble() - usual.median();
        String text = "charged at %s; usual on %s for a %s coffee is %s (%d roasts)"
                .formatted(
                        wording.temperature(charge.getAsDouble()),
                        in.machineName(),
                        in.green().process().label(),
                        wording.temperature(usual.median()),
                        usual.roasts());
        if (charge.getAsDouble() > usual.high(USUAL_SPREADS)) {
            gathered.add(Evidence.log(Math.min(HOT_MOST, HOT_BASE + HOT_PER_C * excess), text, 0, FIRST_HEAT_S));
        } else {
            gathered.add(LOG, -1.0, text);
        }
    }

    private void weighTurningPoint(TraceInput in, Wording wording, GatheredEvidence gathered) {
        Optional<Milestone> turning = in.analysis().figures().turningPoint();
        if (turning.isPresent()
                && in.reference().turningPointC() instanceof Band.Learned usual
                && turning.get().beanC() > usual.high(USUAL_SPREADS)) {
            gathered.add(Evidence.log(
                    0.4,
                    "turning point hot: %s at %s, usual %s"
                            .formatted(
                                    wording.temperature(turning.get().beanC()),
                                    Clock.text(turning.get().timeS()),
                                    wording.temperature(usual.median())),
                    0,
                    turning.get().timeS()));
        }
    }

    private void weighDrum(Series rpm, ControlWords words, GatheredEvidence gathered) {
        OptionalDouble slowest = Arrays.stream(rpm.values()).min();
        slowest.stream()
                .filter(r -> r < settings.slowDrumRpm())
                .forEach(r -> gathered.add(Evidence.log(
                        0.5,
                        "drum at %s: slow, beans lie on hot metal".formatted(words.drumText(r)),
                        0,
                        FIRST_HEAT_S)));
        if (slowest.isEmpty()) {
            gathered.missing("Drum speed is not logged: a slow drum scorches at a usual charge.");
        }
    }

    private void weighBench(TraceInput in, GatheredEvidence gathered) {
        in.bench()
                .scorchedPer100g()
                .ifPresentOrElse(
                        n -> {
                            if (n >= settings.manyScorched()) {
                                gathered.add(BENCH, 1.2, n + " scorched beans in 100 g");
                            } else if (n == 0) {
                                gathered.add(BENCH, -1.0, "no scorched bean in 100 g");
                            }
                        },
                        () -> gathered.missing(
                                "Scorched beans are not counted: burnt faces in 100 g would settle it."));
    }

    private static void weighGreen(GreenFacts green, GatheredEvidence gathered) {
        if (green.process() == Process.NATURAL) {
            gathered.add(GREEN, 0.2, "a natural: marks more easily");
        }
        if (green.small() || green.soft()) {
            gathered.add(GREEN, 0.2, (green.small() ? "small" : "soft") + " beans: mark more easily");
        }
    }

    @Override
    public Optional<Correction> correct(TraceInput in, Wording wording) {
        RoastFigures figures = in.analysis().figures();
        return figures.chargeC().stream()
                .mapToObj(charge -> chargeLower(in, charge, wording))
                .findFirst();
    }

    private Correction chargeLower(TraceInput in, double chargeC, Wording wording) {
        double atMost = chargeC - settings.leastChargeStepC();
        double to = in.reference().chargeC() instanceof Band.Learned usual ? Math.min(usual.median(), atMost) : atMost;
        return new Correction(
                "charge",
                chargeC,
                to,
                "°C",
                "Charge at %s, not at %s.".formatted(wording.temperature(to), wording.temperature(chargeC)),
                "That is %s lower: the first contact with hot metal is what burns the faces."
                        .formatted(wording.difference(chargeC - to)));
    }
}
