package barrowmist.core.trace;

import barrowmist.core.green.Process;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.Comparator;
import java.util.Optional;

/** The one change for the next roast, for each way in which a cause comes about. Sizes are house defaults. */
final class Corrections {

    private final TraceInput in;
    private final RoastAnalysis analysis;
    private final RoastFigures figures;
    private final TraceRules rules;
    private final Wording wording;
    private final PhaseCorrections phases;
    private final HeatCorrections heat;

    private Corrections(TraceInput in, TraceRules rules, Wording wording) {
        this.in = in;
        this.analysis = in.roast().analysis();
        this.figures = analysis.figures();
        this.rules = rules;
        this.wording = wording;
        this.phases = new PhaseCorrections(in, rules, wording);
        this.heat = new HeatCorrections(in, rules, wording);
    }

    /** Empty where nothing in the roast would mend it, or the log does not show where. */
    static Optional<Correction> of(Cause cause, String way, TraceInput in, TraceRules rules, Wording wording) {
        Corrections c = new Corrections(in, rules, wording);
        return switch (cause) {
            case BAKED -> c.baked();
            case SCORCHED -> c.scorched(way);
            case TIPPED -> way.equals("slow-drum") ? c.scorched(way) : c.heat.early();
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
            return Optional.of(GasCorrections.forCrash(analysis, crash.get(), wording.controls(), rules));
        }
        return analysis.faults(Fault.Kind.STALL).stream()
                .max(Comparator.comparingDouble(Fault::durationS))
                .map(stall -> GasCorrections.forStall(analysis, stall, wording.controls(), rules))
                .or(phases::brownShorter);
    }

    private Optional<Correction> scorched(String way) {
        return switch (way) {
            case "slow-drum" -> heat.drum("slow-drum", rules.value("drum.slow") + rules.value("correct.drum"));
            case "small-batch" -> heat.batch();
            default -> heat.chargeLower(way);
        };
    }

    private Optional<Correction> underdeveloped(String way) {
        return switch (way) {
            case "ran-ahead" -> calmer();
            case "low-drop" -> dropHigher().or(phases::developLonger);
            case "fast-drum" -> heat.drum("fast-drum", rules.value("drum.fast") - rules.value("correct.drum"));
            default -> phases.developLonger();
        };
    }

    private Optional<Correction> calmer() {
        double ror = figures.rorAtFirstCrackCPerMin().orElseThrow();
        double to = in.roast().reference().of(KeyFigure.ROR_AT_FIRST_CRACK) instanceof Band.Learned usual
                ? usual.median()
                : rules.value(in.green().process() == Process.NATURAL ? "correct.calm-natural" : "correct.calm");
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
