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
 * @param habit the size that goes back to what is usual; empty where nothing is, or the roast was not off it
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

        /** Off by so many spreads that it is what went wrong. */
        Optional<Habit> ifClear(TraceRules rules) {
            return size >= rules.value("change.clearly") * spread ? Optional.of(this) : Optional.empty();
        }

        /**
         * What the model says, and this, each by how sure it is; the model alone where the two do not speak of one thing.
         *
         * @param modelled the size by the model
         */
        double with(double modelled, TraceRules rules) {
            double alike = rules.value("change.alike");
            if (modelled > alike * size || size > alike * modelled) {
                return modelled;
            }
            double model = 1 / Math.pow(rules.value("change.model-off") * modelled, 2);
            double own = 1 / Math.pow(spread, 2);
            return (model * modelled + own * size) / (model + own);
        }
    }

    /** A size that can be set: no smaller than asked, as far as there is. */
    double settable(double size) {
        // a size that was found by halving is a hair too large
        return Math.min(most, Math.max(step, Math.ceil((size - step / 100) / step) * step));
    }
}
