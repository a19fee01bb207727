package barrowmist.core.check;

/**
 * Why a value was refused.
 *
 * @param field the field's name on the wire, such as {@code moisturePct}
 * @param message a sentence with the value and what is allowed
 */
public record FieldProblem(String field, String message) {

    private static final int LONGEST_MESSAGE = 800;

    /** What was sent may be of any length; what is answered is not. */
    public FieldProblem {
        field = Shown.of(field);
        message = Shown.of(message, LONGEST_MESSAGE);
    }
}
