package barrowmist.core.green;

/**
 * What a defect count comes to.
 *
 * @param name the grade
 * @param reason why, in sentences
 */
public record Grade(Name name, String reason) {

    /** Grades. */
    public enum Name {
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

        public String label() {
            return label;
        }
    }
}
