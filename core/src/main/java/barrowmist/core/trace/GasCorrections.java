package barrowmist.core.trace;

import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.Series;
import barrowmist.core.units.ControlWords;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Changes of gas, read off the gas lane of the log where there is one. Sizes are house defaults. */
final class GasCorrections {

    static final String MECHANISM = "fell";

    private GasCorrections() {}

    /** A step of the gas lane. */
    private record Cut(double timeS, double beforePct, double afterPct) {}

    static Correction forCrash(RoastAnalysis analysis, Fault crash, ControlWords words, TraceRules rules) {
        double earlierS = rules.value("correct.cut-earlier");
        double stepPct = rules.value("correct.gas-step");
        Cut cut = lastCut(analysis.log().gasPct(), crash, rules.value("correct.cut-before"));
        String why = "A smaller cut leaves heat for the steam of first crack; the rate of rise"
                + " should then fall steadily to the drop.";
        if (cut == null) {
            double atS = analysis.figures()
                    .firstCrack()
                    .map(m -> m.timeS() - earlierS)
                    .orElse(crash.fromS() - earlierS);
            return new Correction(
                    "gas",
                    crash.fromS(),
                    atS,
                    "s",
                    "Ease the heat by a small step from %s on.".formatted(Clock.text(atS)),
                    why,
                    MECHANISM);
        }
        double to = Math.round((cut.beforePct + cut.afterPct) / 2 / stepPct) * stepPct;
        Correction c = new Correction("gas", cut.afterPct, to, "%", "", why, MECHANISM)
                .at(cut.timeS - earlierS, OptionalDouble.of(cut.timeS));
        return resized(c, to, words);
    }

    /** The same change of gas to another value: the cut of a crash, or the heat that a stall wants. */
    static Correction resized(Correction c, double to, ControlWords words) {
        String at = Clock.text(c.atS().orElseThrow());
        String gas = words.gasText(to);
        String was = words.gasText(c.from());
        if (c.wasS().isEmpty()) {
            return c.resized(
                    to,
                    "Hold the gas at %s from %s, not at %s, then lower it in small steps to the drop."
                            .formatted(gas, at, was));
        }
        double wasS = c.wasS().getAsDouble();
        return c.resized(
                to,
                wasS == c.atS().getAsDouble()
                        ? "Cut the gas at %s to %s, not to %s.".formatted(at, gas, was)
                        : "Cut the gas at %s to %s, not at %s to %s; the moves after it stay as they were."
                                .formatted(at, gas, Clock.text(wasS), was));
    }

    static Correction forStall(RoastAnalysis analysis, Fault stall, ControlWords words, TraceRules rules) {
        Series gas = analysis.log().gasPct();
        double atS = Math.max(0, stall.fromS() - rules.value("correct.stall-lead"));
        String why = "The rate of rise should keep falling steadily; where it lies flat, browning drags on.";
        if (gas.isEmpty() || gas.indexFrom(atS) == 0) {
            double shorterS = stall.durationS() / 3;
            return new Correction(
                    "browning",
                    stall.durationS(),
                    stall.durationS() - shorterS,
                    "s",
                    "Give more heat from %s, so that the stretch to %s takes %d s less."
                            .formatted(Clock.text(atS), Clock.text(stall.toS()), Math.round(shorterS)),
                    why,
                    MECHANISM);
        }
        double now = gas.value(Math.min(gas.indexFrom(atS), gas.size() - 1));
        double to = Math.min(100, now + rules.value("correct.stall-more"));
        Correction c = new Correction("gas", now, to, "%", "", why, MECHANISM).at(atS, OptionalDouble.empty());
        return resized(c, to, words);
    }

    /** The largest cut from so long before the crash to its end; null when the gas was not logged. */
    private static @Nullable Cut lastCut(Series gas, Fault crash, double beforeS) {
        Cut best = null;
        for (int i = 1; i < gas.size(); i++) {
            boolean near = gas.timeS(i) >= crash.fromS() - beforeS && gas.timeS(i) <= crash.toS();
            double size = gas.value(i - 1) - gas.value(i);
            if (near && size > 0 && (best == null || size > best.beforePct - best.afterPct)) {
                best = new Cut(gas.timeS(i), gas.value(i - 1), gas.value(i));
            }
        }
        return best;
    }
}
