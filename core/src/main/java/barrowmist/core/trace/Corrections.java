package barrowmist.core.trace;

import barrowmist.core.green.Process;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/** The one change for the next roast, for each way in which a cause comes about. Sizes are house defaults. */
final class Corrections {

    private final TraceInput in;
    private final RoastAnalysis analysis;
    private final RoastFigures figures;
    private final TraceRules rules;
    private final Wording wording;
    private final PhaseCorrections phases;

    private Corrections(TraceInput in, TraceRules rules, Wording wording) {
        this.in = in;
        this.analysis = in.roast().analysis();
        this.figures = analysis.figures();
        this.rules = rules;
        this.wording = wording;
        this.phases = new PhaseCorrections(in, rules, wording);
    }

    /** Empty where nothing in the roast would mend it, or the log does not show where. */
    static Optional<Correction> of(Cause cause, String way, TraceInput in, TraceRules rules, Wording wording) {
        Corrections c = new Corrections(in, rules, wording);
        return switch (cause) {
            case BAKED -> c.baked();
            case SCORCHED -> c.scorched(way);
            case TIPPED -> c.firstHeat();
            case UNDERDEVELOPED -> c.underdeveloped(way);
            case OVERDEVELOPED -> c.phases.developShorter();
            case TART -> c.phases.brownLonger();
            case MUTED -> c.phases.brownShorter();
            case UNDER_RESTED -> c.rest();
            default -> Optional.empty();
        };
    }

    private Optional<Correction> baked() {
        Optional<Fault> crash =
                analysis.faults(Fault.Kind.CRASH).stream().max(Comparator.comparingDouble(Fault::depthCPerMin));
        if (crash.isPresent()) {
            return Optional.of(GasCorrections.forCrash(analysis, crash.get(), wording.controls()));
        }
        return analysis.faults(Fault.Kind.STALL).stream()
                .max(Comparator.comparingDouble(Fault::durationS))
                .map(stall -> GasCorrections.forStall(analysis, stall, wording.controls()))
                .or(phases::brownShorter);
    }

    private Optional<Correction> scorched(String way) {
        return switch (way) {
            case "slow-drum" -> drum("slow-drum", rules.value("drum.slow") + rules.value("correct.drum"));
            case "small-batch" -> batch();
            default -> chargeLower(way);
        };
    }

    private Optional<Correction> chargeLower(String way) {
        if (figures.chargeC().isEmpty()) {
            return Optional.empty();
        }
        double charge = figures.chargeC().getAsDouble();
        double atMost = charge - rules.value("correct.charge");
        double to = in.roast().reference().chargeC() instanceof Band.Learned usual
                ? Math.min(usual.median(), atMost)
                : atMost;
        return Optional.of(new Correction(
                "charge",
                charge,
                to,
                "°C",
                "Charge at %s, not at %s.".formatted(wording.temperature(to), wording.temperature(charge)),
                "That is %s lower: the first contact with hot metal is what burns the faces."
                        .formatted(wording.difference(charge - to)),
                way));
    }

    /** The drum back to its usual speed, or to one where none is learned. */
    private Optional<Correction> drum(String way, double otherwise) {
        OptionalDouble rpm = Arrays.stream(analysis.log().drumRpm().values()).average();
        if (rpm.isEmpty()) {
            return Optional.empty();
        }
        double from = rpm.getAsDouble();
        double to = in.roast().reference().drumRpm() instanceof Band.Learned usual ? usual.median() : otherwise;
        boolean faster = to > from;
        return Optional.of(new Correction(
                "drum",
                from,
                to,
                "1/min",
                "Turn the drum at %s, not at %s."
                        .formatted(
                                wording.controls().drumText(to),
                                wording.controls().drumText(from)),
                faster
                        ? "Beans that lie too long on hot metal burn on their faces; the charge was right."
                        : "Beans that hardly touch the drum take heat from the air alone, and the inside stays behind.",
                way));
    }

    private Optional<Correction> batch() {
        return in.roast().batchG() instanceof Band.Learned usual
                        && in.bench().greenG().isPresent()
                ? Optional.of(new Correction(
                        "batch",
                        in.bench().greenG().getAsDouble(),
                        usual.median(),
                        "g",
                        "Charge %.0f g, not %.0f g."
                                .formatted(usual.median(), in.bench().greenG().getAsDouble()),
                        "A small batch takes the same heat in fewer beans.",
                        "small-batch"))
                : chargeLower("small-batch");
    }

    /** Less gas in the first minutes. */
    private Optional<Correction> firstHeat() {
        var gas = analysis.log().gasPct();
        if (gas.isEmpty()) {
            return chargeLower("early-heat");
        }
        double turnS = figures.turningPoint().map(m -> m.timeS()).orElse(0.0);
        double from = gas.value(Math.min(gas.size() - 1, gas.indexFrom(turnS)));
        double to = Math.max(0, from - rules.value("correct.gas"));
        return Optional.of(new Correction(
                "gas",
                from,
                to,
                "%",
                "Give %s until dry end, not %s."
                        .formatted(
                                wording.controls().gasText(to),
                                wording.controls().gasText(from)),
                "The ends of the beans burn when heat comes faster than they can pass it on.",
                "early-heat"));
    }

    private Optional<Correction> underdeveloped(String way) {
        return switch (way) {
            case "ran-ahead" -> calmer();
            case "low-drop" -> dropHigher().or(phases::developLonger);
            case "fast-drum" -> drum("fast-drum", rules.value("drum.fast") - rules.value("correct.drum"));
            default -> phases.developLonger();
        };
    }

    private Optional<Correction> calmer() {
        double ror = figures.rorAtFirstCrackCPerMin().orElseThrow();
        double to = rules.value(in.green().process() == Process.NATURAL ? "correct.calm-natural" : "correct.calm");
        return Optional.of(new Correction(
                "ror-at-first-crack",
                ror,
                to,
                "°C/min",
                "Reach first crack at %s, not at %s: ease the gas in two small steps from dry end on."
                        .formatted(wording.rate(to), wording.rate(ror)),
                "The slower end gives the inside time to catch up with the surface; drop at the same temperature.",
                "ran-ahead"));
    }

    private Optional<Correction> dropHigher() {
        if (figures.drop().isEmpty() || !(in.roast().reference().of(KeyFigure.DROP_C) instanceof Band.Learned usual)) {
            return Optional.empty();
        }
        double from = figures.drop().get().beanC();
        double to = Math.max(
                from + rules.value("correct.drop"), Math.min(usual.median(), from + rules.value("correct.drop-most")));
        return Optional.of(new Correction(
                "drop",
                from,
                to,
                "°C",
                "Drop at %s, not at %s.".formatted(wording.temperature(to), wording.temperature(from)),
                "The last degrees are what the inside lacked.",
                "low-drop"));
    }

    private Optional<Correction> rest() {
        double opens = in.school().bestFromH(in.green().process());
        return in.restHours().stream()
                .boxed()
                .findFirst()
                .map(hours -> new Correction(
                        "rest",
                        hours,
                        opens,
                        "h",
                        "Cup it again %.0f h after the roast, not after %.0f.".formatted(opens, hours),
                        "A young coffee is closed: nothing in the roast is to be changed for that.",
                        "too-young"));
    }
}
