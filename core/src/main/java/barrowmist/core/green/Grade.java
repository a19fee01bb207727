package barrowmist.core.green;

import barrowmist.core.check.Coded;

/**
 * What a defect count comes to.
 *
 * @param name the grade
 * @param reason why, in sentences
 */
public record Grade(Name name, String reason) {

    /** Grades. */
    public enum Name implements Coded {
        SPECIALTY("specialty"),
        /** All that the green tells allows it; quakers are not counted yet. */
        SPECIALTY_SO_FAR("not fully inspected"),
        /** Counted on so little that it says nothing. */
        TOO_LITTLE("counted on too little"),
        BELOW_SPECIALTY("below specialty");

        private final String label;

        Name(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
