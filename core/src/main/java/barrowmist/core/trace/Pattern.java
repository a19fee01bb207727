package barrowmist.core.trace;

import barrowmist.core.check.Coded;

/**
 * What one figure has to do with a cause, over the cupped roasts of a machine.
 *
 * @param metric the figure
 * @param above whether the cups called so lie above the threshold, and not below
 * @param threshold where the calls part, in the unit of the figure; not a number while there are too few
 * @param lower lower end of its 95 % interval
 * @param upper upper end
 * @param auc area under the curve: 0.5 for no relation, 1 for a clean one
 * @param n roasts with this figure
 * @param called so many of them were called so
 * @param p of no relation at all, corrected for having looked at so many figures
 * @param standing how sure one can be
 * @param wanting so many roasts more are wanted before anything can be said
 */
public record Pattern(
        String metric,
        boolean above,
        double threshold,
        double lower,
        double upper,
        double auc,
        int n,
        int called,
        double p,
        Standing standing,
        int wanting) {

    /** How sure one can be. */
    public enum Standing implements Coded {
        NOT_YET("not yet"),
        TENTATIVE("tentative"),
        LEARNED("learned");

        private final String label;

        Standing(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
