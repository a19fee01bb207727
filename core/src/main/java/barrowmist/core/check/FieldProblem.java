package barrowmist.core.check;

/**
 * Why a value was refused.
 *
 * @param field the field's name on the wire, such as {@code moisturePct}
 * @param message a sentence with the value and what is allowed
 */
public record FieldProblem(String field, String message) {}
