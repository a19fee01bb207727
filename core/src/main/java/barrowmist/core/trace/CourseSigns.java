package barrowmist.core.trace;

import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Phases.Phase;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;

/** Reads the phases off the log, by the limits of what the roast was made for. */
final class CourseSigns {

    private final TraceInput in;
    private final RoastFigures figures;
    private final MachineReference reference;
    private final RoastAim.Limits limits;
    private final Wording wording;
    private final SignReading out;
    private final TraceRules rules;

    CourseSigns(TraceInput in, Wording wording, SignReading out) {
        this.in = in;
        this.figures = in.roast().analysis().figures();
        this.reference = in.roast().reference();
        this.limits = in.roast().madeFor().limits();
        this.wording = wording;
        this.out = out;
        this.rules = out.rules;
    }

    void read() {
        figures.phases().browning().ifPresent(this::browning);
        figures.totalS()
                .ifPresent(t -> out.figure(
                        Sign.LONG_TOTAL,
                        t - limits.longestS(),
                        "%s in all, at most %s for this aim".formatted(Clock.text(t), Clock.text(limits.longestS())),
                        Math.min(t, limits.longestS()),
                        t));
        figures.rorAtFirstCrackCPerMin().ifPresent(this::speed);
        figures.phases().development().ifPresent(this::development);
    }

    private void browning(Phase phase) {
        if (phase.sharePct().isEmpty()) {
            return;
        }
        double pct = phase.sharePct().getAsDouble();
        boolean natural = in.green().process() == Process.NATURAL;
        var band = reference.of(KeyFigure.BROWNING_PCT);
        double least = rules.value(natural ? "browning.short-natural" : "browning.short");
        double most = limits.longBrowningPct() - (natural ? rules.value("browning.natural-less") : 0);
        String text = "browning %.0f %%".formatted(pct);
        out.figure(
                Sign.LONG_BROWNING,
                pct - Usual.limit(most, band, 1, rules),
                text + ", at most %.0f".formatted(most),
                phase.fromS(),
                phase.toS());
        out.figure(
                Sign.SHORT_BROWNING,
                Usual.limit(least, band, -1, rules) - pct,
                text + ", at least %.0f".formatted(least),
                phase.fromS(),
                phase.toS());
    }

    private void speed(double ror) {
        // what this roaster does as a rule goes before any style's figure
        double limit = Usual.beyond(reference.of(KeyFigure.ROR_AT_FIRST_CRACK), 1, rules)
                .orElse(limits.fastAtFirstCrackCPerMin());
        if (Double.isInfinite(limit)) {
            return;
        }
        double crackS = figures.firstCrack().orElseThrow().timeS();
        out.figure(
                Sign.FAST_AT_CRACK,
                ror - limit,
                "%s at first crack, calm is up to %s".formatted(wording.rate(ror), wording.rate(limit)),
                crackS - 60,
                crackS);
    }

    private void development(Phase phase) {
        double pct = phase.sharePct().orElse(0);
        var band = reference.of(KeyFigure.DEVELOPMENT_PCT);
        double least = Usual.limit(limits.shortDevelopmentPct(), band, -1, rules);
        double most = limits.targetDevelopmentPct() + rules.value("development.over");
        String text = "development %.0f %%, %s".formatted(pct, Clock.text(phase.durationS()));
        out.figure(
                Sign.SHORT_DEVELOPMENT,
                least - pct,
                text + "; at least %.0f %% for this aim".formatted(least),
                phase.fromS(),
                phase.toS());
        out.figure(
                Sign.LONG_DEVELOPMENT,
                pct - Usual.limit(most, band, 1, rules),
                text + "; at most %.0f %% for this aim".formatted(most),
                phase.fromS(),
                phase.toS());
        out.figure(
                Sign.FEW_DEGREES,
                limits.fewDegreesC() - phase.riseC(),
                "%s from first crack to drop, at least %s"
                        .formatted(wording.difference(phase.riseC()), wording.difference(limits.fewDegreesC())),
                phase.fromS(),
                phase.toS());
    }
}
