package barrowmist.core.trace;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.NearFaults;
import barrowmist.core.roast.Phases.Phase;
import barrowmist.core.roast.RoastAnalysis;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * When a change has done what it is for: a figure has moved so far, or a fault is gone. Told between the roast unchanged and
 * changed as the model has both.
 */
sealed interface Mending {

    /** An event is told no nearer than to a reading, s. */
    double READING_S = 1;

    /**
     * Whether the second is mended beside the first.
     *
     * @param drum whose model it is
     */
    boolean done(RoastAnalysis again, RoastAnalysis would, ForetoldDrum drum);

    /**
     * A figure that has to move.
     *
     * @param meant what the change is for
     * @param of the figure itself; NaN where a roast does not have it
     * @param by so far, with its sign
     * @param but within so much it has done so
     * @param apart how far sound roasts lie apart in it, one standard deviation in the figure's unit; 0 where that is not known
     */
    record Moved(KeyFigure meant, ToDoubleFunction<RoastAnalysis> of, double by, double but, double apart)
            implements Mending {

        /** A figure that the model no longer has is one that the roast never came to: that is no mending. */
        @Override
        public boolean done(RoastAnalysis again, RoastAnalysis would, ForetoldDrum drum) {
            return share(again, would, drum) * Math.abs(by) >= Math.abs(by) - but;
        }

        /** How much of it is done, 1 for all; NaN where one of the roasts does not have the figure. */
        double share(RoastAnalysis again, RoastAnalysis would, ForetoldDrum drum) {
            return believed(drum) * (of.applyAsDouble(would) - of.applyAsDouble(again)) / by;
        }

        /** Roasts differ in the rate at first crack by all that went before it, and are moved by a step just before it. */
        private double believed(ForetoldDrum drum) {
            return meant == KeyFigure.ROR_AT_FIRST_CRACK ? 1 : drum.believed(meant);
        }
    }

    /**
     * A fault that has to go.
     *
     * @param safely what is left may be no deeper than this share of one: the next roast is never quite the same
     */
    record Gone(Fault.Kind kind, double safely) implements Mending {

        @Override
        public boolean done(RoastAnalysis again, RoastAnalysis would, ForetoldDrum drum) {
            return would.faults(kind).isEmpty()
                    && NearFaults.of(would, safely).stream().noneMatch(f -> f.kind() == kind);
        }
    }

    /** Empty where a change goes back to what is usual, or the peak is as it usually is. */
    static Optional<Mending> of(Correction c, RoastAnalysis truly, MachineReference usual, TraceRules rules) {
        double by = c.to() - c.from();
        return switch (c.change()) {
            case "browning" ->
                Optional.of(new Moved(
                        KeyFigure.BROWNING_PCT,
                        Mending::browningS,
                        by,
                        READING_S,
                        spread(usual.of(KeyFigure.BROWNING_PCT))
                                / 100
                                * truly.figures().totalS().orElse(0)));
            case "ror-at-first-crack" ->
                Optional.of(new Moved(
                        KeyFigure.ROR_AT_FIRST_CRACK,
                        of(KeyFigure.ROR_AT_FIRST_CRACK),
                        by,
                        0,
                        spread(usual.of(KeyFigure.ROR_AT_FIRST_CRACK))));
            case "gas" -> gas(c, truly, usual, rules);
            default -> Optional.empty();
        };
    }

    private static Optional<Mending> gas(Correction c, RoastAnalysis truly, MachineReference usual, TraceRules rules) {
        if (c.mechanism().equals(GasCorrections.MECHANISM)) {
            // a cut that was made brings a crash; heat that was not given, a stall
            return c.atS().isPresent()
                    ? Optional.of(new Gone(
                            c.wasS().isPresent() ? Fault.Kind.CRASH : Fault.Kind.STALL, rules.value("change.safely")))
                    : Optional.empty();
        }
        OptionalDouble peak = KeyFigure.ROR_PEAK.of(truly.figures());
        if (peak.isEmpty()
                || !(usual.peakCPerMin() instanceof Band.Learned l)
                || l.median() + l.spread() >= peak.getAsDouble()) {
            return Optional.empty();
        }
        return Optional.of(
                new Moved(KeyFigure.ROR_PEAK, of(KeyFigure.ROR_PEAK), l.median() - peak.getAsDouble(), 0, l.spread()));
    }

    private static double spread(Band usual) {
        return usual instanceof Band.Learned l ? l.spread() : 0;
    }

    private static ToDoubleFunction<RoastAnalysis> of(KeyFigure figure) {
        return a -> figure.of(a.figures()).orElse(Double.NaN);
    }

    private static double browningS(RoastAnalysis a) {
        return a.figures().phases().browning().map(Phase::durationS).orElse(Double.NaN);
    }
}
