package barrowmist.core.trace;

import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * One thing that can be moved of the next roast.
 *
 * @param name in running text
 * @param most so far it is tried
 * @param step the control is set by steps of so much
 * @param told the change of a size
 * @param plan the roast with the change of a size
 * @param habit the size that goes back to what is usual; empty where nothing is
 */
record Lever(
        String name,
        double most,
        double step,
        DoubleFunction<Correction> told,
        DoubleFunction<NextPlan> plan,
        Optional<Habit> habit) {

    Lever(String name, double most, double step, DoubleFunction<Correction> told, DoubleFunction<NextPlan> plan) {
        this(name, most, step, told, plan, Optional.empty());
    }

    /**
     * How far this roast stood off what is usual.
     *
     * @param size so far, in the lever's own sense and unit
     * @param spread how far the sound ones do, one standard deviation
     */
    record Habit(double size, double spread) {

        /** Whether it is off by so many spreads that it is what went wrong. */
        boolean clear(TraceRules rules) {
            return size >= rules.value("change.clearly") * spread;
        }

        /**
         * Whether this has a say beside the model. Where going back would leave more than sound roasts differ by, it was not the gas
         * that went wrong.
         *
         * @param modelled the size by the model
         * @param off how far that may be off, one standard deviation
         * @param apart what going back to the usual still leaves, one standard deviation in the lever's unit
         */
        boolean speaks(double modelled, double off, double apart, TraceRules rules) {
            return modelled - size <= rules.value("change.unlike") * Math.hypot(off, apart);
        }

        /** What the model says, and this, each by how sure it is; as in {@link #speaks}. */
        double with(double modelled, double off, double apart) {
            double model = 1 / (off * off);
            double own = 1 / (spread * spread + apart * apart);
            return (model * modelled + own * size) / (model + own);
        }
    }

    /** The size that goes back to what is usual, where the roast was clearly off it. */
    Optional<Habit> clearHabit(TraceRules rules) {
        return habit.filter(h -> h.clear(rules));
    }

    /** A size that can be set: no smaller than asked, as far as there is. */
    double settable(double size) {
        // a size that was found by halving is a hair too large
        return Math.min(most, Math.max(step, Math.ceil((size - step / 100) / step) * step));
    }
}
