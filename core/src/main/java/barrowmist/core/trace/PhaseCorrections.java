package barrowmist.core.trace;

import barrowmist.core.green.Process;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Phases.Phase;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.Optional;

/** Changes of one phase: browning or development, longer or shorter. Sizes are house defaults. */
final class PhaseCorrections {

    private final TraceInput in;
    private final RoastFigures figures;
    private final RoastAim.Limits limits;
    private final TraceRules rules;
    private final Wording wording;

    PhaseCorrections(TraceInput in, TraceRules rules, Wording wording) {
        this.in = in;
        this.figures = in.roast().analysis().figures();
        this.limits = in.roast().madeFor().limits();
        this.rules = rules;
        this.wording = wording;
    }

    /** Seconds x that bring (phase + x) / (total + x) to a share, within bounds of size. */
    private double seconds(Phase phase, double wantedPct) {
        double share = wantedPct / 100;
        double totalS = figures.totalS().orElse(phase.toS());
        double x = (share * totalS - phase.durationS()) / (1 - share);
        double size =
                Math.max(rules.value("correct.seconds"), Math.min(rules.value("correct.seconds-most"), Math.abs(x)));
        return Math.copySign(Math.rint(size), x);
    }

    Optional<Correction> developLonger() {
        return figures.phases()
                .development()
                .map(d -> development(d, Math.abs(seconds(d, limits.targetDevelopmentPct()))));
    }

    Optional<Correction> developShorter() {
        return figures.phases()
                .development()
                .map(d -> development(d, -Math.abs(seconds(d, limits.targetDevelopmentPct()))));
    }

    private Correction development(Phase d, double byS) {
        double rate = figures.rorAtDropCPerMin().orElse(rules.value("correct.rate")) / 60;
        double least = rules.value("correct.drop");
        double most = rules.value("correct.drop-most");
        double byC = Math.copySign(Math.max(least, Math.min(most, rate * Math.abs(byS))), byS);
        double dropC = figures.drop().orElseThrow().beanC();
        boolean longer = byS > 0;
        return new Correction(
                "development",
                d.durationS(),
                d.durationS() + byS,
                "s",
                "Drop %.0f s %s, at %s and about %s."
                        .formatted(
                                Math.abs(byS),
                                longer ? "later" : "earlier",
                                Clock.text(d.toS() + byS),
                                wording.temperature(dropC + byC)),
                "Development %s from %s to %s: %s."
                        .formatted(
                                longer ? "grows" : "shrinks",
                                Clock.text(d.durationS()),
                                Clock.text(d.durationS() + byS),
                                longer ? "the inside is roasted through" : "the roast stays behind the coffee"),
                longer ? "short" : "long");
    }

    Optional<Correction> brownLonger() {
        boolean natural = in.green().process() == Process.NATURAL;
        double wanted =
                rules.value(natural ? "browning.short-natural" : "browning.short") + rules.value("correct.browning");
        return figures.phases().browning().map(b -> browning(b, Math.abs(seconds(b, wanted))));
    }

    Optional<Correction> brownShorter() {
        double wanted = limits.longBrowningPct() - rules.value("correct.browning");
        return figures.phases().browning().map(b -> browning(b, -Math.abs(seconds(b, wanted))));
    }

    private Correction browning(Phase b, double byS) {
        boolean longer = byS > 0;
        return new Correction(
                "browning",
                b.durationS(),
                b.durationS() + byS,
                "s",
                "%s from dry end at %s, so that first crack comes %.0f s %s."
                        .formatted(
                                longer ? "Ease the heat" : "Give a little more heat",
                                Clock.text(b.fromS()),
                                Math.abs(byS),
                                longer ? "later" : "earlier"),
                longer
                        ? "Browning is where sweetness and body come from; what is cut short is pointed and thin."
                        : "Browning that drags on dulls fruit and brightness.",
                longer ? "short-browning" : "long-browning");
    }
}
