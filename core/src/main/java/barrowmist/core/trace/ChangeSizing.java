package barrowmist.core.trace;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.Phases.Phase;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.units.ControlWords;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * How large a change of gas has to be on this drum: tried on what foretells its roasts, from this very roast. What the model
 * sees between the roast as it was and as it would be is what counts, so that its own error falls out. Changes of charge,
 * drum, batch and drop go back to what the machine usually does, or are seconds that are reckoned, and need no model. Pure.
 */
public final class ChangeSizing {

    /** The largest step that is tried, % of full (house default). */
    private static final double MOST_PCT = 25;

    private static final int HALVINGS = 12;
    private static final double GRID_PCT = 5;

    /** The model shows the same fault as the log when it lies so near it, s (house default). */
    private static final double SAME_FAULT_S = 75;

    private static final String NOT_SHOWN = "A house step: this drum's model does not show the %s.";
    private static final String NOT_GONE = "A house step: on this drum's model no other cut takes the %s away alone.";

    private final RoastAnalysis truly;
    private final ControlLevels usual;
    private final double greenG;
    private final TraceRules rules;

    /**
     * @param truly the roast as it was
     * @param usual where a control stands that was not logged
     * @param greenG what was weighed in, g
     */
    public ChangeSizing(RoastAnalysis truly, ControlLevels usual, double greenG, TraceRules rules) {
        this.truly = truly;
        this.usual = usual;
        this.greenG = greenG;
        this.rules = rules;
    }

    /**
     * A change with its size.
     *
     * @param easePct step of gas from dry end on, where a phase is to be longer or shorter, % of full
     * @param said where the size comes from, a sentence; empty where that needs none
     */
    public record Sized(Correction correction, double easePct, String said) {}

    /** The size that is used where no model may be believed. */
    public Sized house(Correction c) {
        return house(c, "A house step: this drum's model may not be believed yet.");
    }

    private Sized house(Correction c, String why) {
        return new Sized(c, rules.value("correct.ease"), ofGas(c) ? why : "");
    }

    /** Whether the change is one of gas, whose size only the drum can say. */
    private static boolean ofGas(Correction c) {
        return c.change().equals("gas") || eases(c);
    }

    private static boolean eases(Correction c) {
        return c.change().equals("browning") || c.change().equals("ror-at-first-crack");
    }

    /** The plan of a change of this size; empty where the log lacks charge or drop. */
    public Optional<NextPlan> plan(Sized s) {
        return NextPlan.of(truly, usual, greenG, s.correction, s.easePct);
    }

    /**
     * The smallest change that does it on this drum; the house step where the drum does not show what is to be mended.
     *
     * @param drum foretells the roast of a plan
     */
    public Sized onDrum(Correction c, ControlWords words, Function<NextPlan, RoastAnalysis> drum) {
        Optional<RoastAnalysis> again =
                NextPlan.again(truly, usual, greenG).filter(p -> ofGas(c)).map(drum);
        if (again.isEmpty()) {
            return house(c);
        }
        if (eases(c)) {
            return eased(c, again.get(), drum);
        }
        return c.atS().isPresent() ? withoutFault(c, words, again.get(), drum) : house(c);
    }

    private Sized eased(Correction c, RoastAnalysis again, Function<NextPlan, RoastAnalysis> drum) {
        ToDoubleFunction<RoastAnalysis> of = c.change().equals("browning")
                ? a -> a.figures().phases().browning().map(Phase::durationS).orElse(Double.NaN)
                : a -> a.figures().rorAtFirstCrackCPerMin().orElse(Double.NaN);
        double wanted = Math.abs(c.to() - c.from());
        double low = 0;
        double high = MOST_PCT;
        for (int i = 0; i < HALVINGS; i++) {
            double step = (low + high) / 2;
            double does = plan(new Sized(c, step, ""))
                    .map(drum)
                    .map(a -> Math.abs(of.applyAsDouble(a) - of.applyAsDouble(again)))
                    .orElse(Double.NaN);
            // a roast that never gets there has gone too far
            if (does < wanted) {
                low = step;
            } else {
                high = step;
            }
        }
        double step = Math.max(0.5, Math.rint(2 * high) / 2);
        return step >= MOST_PCT
                ? house(c, "A house step: on this drum's model no step of gas does it alone.")
                : new Sized(
                        c,
                        step,
                        String.format(
                                Locale.ROOT, "On this drum that takes %s %% of gas, by its own model.", number(step)));
    }

    /** A cut, or a step up, made as little other as takes the fault away. */
    private Sized withoutFault(
            Correction c, ControlWords words, RoastAnalysis again, Function<NextPlan, RoastAnalysis> drum) {
        Fault.Kind kind = c.wasS().isPresent() ? Fault.Kind.CRASH : Fault.Kind.STALL;
        if (worst(again, kind, truly).isEmpty()) {
            return house(c, NOT_SHOWN.formatted(kind.code()));
        }
        int others = again.faults().size() - again.faults(kind).size();
        for (double pct = c.from() + GRID_PCT; pct <= c.from() + MOST_PCT; pct += GRID_PCT) {
            double to = Math.min(100, Math.rint(pct / GRID_PCT) * GRID_PCT);
            Correction tried = GasCorrections.resized(c, to, words);
            Sized sized = new Sized(
                    tried,
                    rules.value("correct.ease"),
                    "The smallest change that takes it away on this drum, by its own model.");
            Optional<RoastAnalysis> would = plan(sized).map(drum);
            if (would.isPresent()
                    && would.get().faults(kind).isEmpty()
                    && would.get().faults().size() <= others) {
                return sized;
            }
        }
        return house(c, NOT_GONE.formatted(kind.code()));
    }

    /** The fault of the log, where the model has it too. */
    private static OptionalDouble worst(RoastAnalysis model, Fault.Kind kind, RoastAnalysis log) {
        return model.faults(kind).stream()
                .mapToDouble(Fault::fromS)
                .filter(at -> log.faults(kind).stream().anyMatch(f -> Math.abs(f.fromS() - at) <= SAME_FAULT_S))
                .findFirst();
    }

    private static String number(double x) {
        return String.format(Locale.ROOT, x == Math.rint(x) ? "%.0f" : "%.1f", x);
    }
}
