package barrowmist.core.trace;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.Optional;
import java.util.OptionalDouble;

/** Changes of the first heat: charge, drum, batch, early gas. Sizes are house defaults. */
final class HeatCorrections {

    static final String EARLY_HEAT = "early-heat";

    private final TraceInput in;
    private final RoastAnalysis analysis;
    private final RoastFigures figures;
    private final TraceRules rules;
    private final Wording wording;

    HeatCorrections(TraceInput in, TraceRules rules, Wording wording) {
        this.in = in;
        this.analysis = in.roast().analysis();
        this.figures = analysis.figures();
        this.rules = rules;
        this.wording = wording;
    }

    Optional<Correction> chargeLower(String way) {
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
    Optional<Correction> drum(String way, double otherwise) {
        OptionalDouble rpm = figures.drumRpm();
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
                        : "It turned faster than it does here as a rule: go back to that, and change nothing else.",
                way));
    }

    Optional<Correction> batch() {
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
    Optional<Correction> early() {
        var gas = analysis.log().gasPct();
        if (gas.isEmpty()) {
            return chargeLower(EARLY_HEAT);
        }
        double turnS = figures.turningPoint().map(m -> m.timeS()).orElse(0.0);
        double from = gas.value(Math.min(gas.size() - 1, gas.indexFrom(turnS)));
        double to = Math.max(0, from - rules.value("correct.gas"));
        return Optional.of(firstGas(from, to, wording));
    }

    static Correction firstGas(double from, double to, Wording wording) {
        return new Correction(
                "gas",
                from,
                to,
                "%",
                "Give %s until dry end, not %s."
                        .formatted(
                                wording.controls().gasText(to),
                                wording.controls().gasText(from)),
                "The ends of the beans burn when heat comes faster than they can pass it on.",
                EARLY_HEAT);
    }
}
