package barrowmist.core.check;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Gathers every problem of a form before it is refused, so that a person mends them in one go. */
public final class Checks {

    /** Figures below a thousand are written to so many digits, larger ones as they are. */
    private static final int DIGITS = 4;

    private static final int WHOLE_DIGITS = 9;
    private static final double ROUNDED = 1000;

    private final List<FieldProblem> problems = new ArrayList<>();

    /** Refuses an empty or over-long text. */
    public Checks text(String field, String label, @Nullable String value, int maxLength) {
        if (value == null || value.isBlank()) {
            add(field, label + " is empty: write something here");
        } else if (value.length() > maxLength) {
            add(field, label + " has " + value.length() + " characters, at most " + maxLength + " are kept");
        }
        return this;
    }

    /** Refuses an empty or over-long name, one of several lines, and one without a letter or digit. */
    public Checks name(String field, String label, @Nullable String value, int maxLength) {
        text(field, label, value, maxLength);
        if (value == null || value.isBlank()) {
            return this;
        }
        if (value.strip().lines().count() > 1) {
            add(field, label + " has several lines: write it in one");
        } else if (value.codePoints().noneMatch(Character::isLetterOrDigit)) {
            add(field, label + " is \"" + value.strip() + "\": it needs a letter or a digit");
        }
        return this;
    }

    /** Refuses a missing value. */
    public Checks present(String field, String label, @Nullable Object value) {
        if (value == null) {
            add(field, label + " is missing: choose one");
        }
        return this;
    }

    /** Refuses a missing value of a closed set, and says what could stand there. */
    public Checks chosen(String field, Class<? extends Coded> type, @Nullable Coded value) {
        if (value == null) {
            add(field, field + " is missing, expected " + Coded.codes(type));
        }
        return this;
    }

    /** Refuses a measured value outside {@code [min, max]}, NaN included; a value not measured passes. */
    public Checks range(String field, String label, OptionalDouble value, double min, double max, String unit) {
        value.ifPresent(v -> range(field, label, v, min, max, unit));
        return this;
    }

    /** Refuses a value outside {@code [min, max]}, NaN included. */
    public Checks range(String field, String label, double value, double min, double max, String unit) {
        String suffix = unit.isEmpty() ? "" : " " + unit;
        if (Double.isNaN(value)) {
            add(field, label + " is missing: expected " + plain(min) + " to " + plain(max) + suffix);
        } else if (!(value >= min && value <= max)) {
            add(
                    field,
                    label + " is " + plain(value) + suffix + ", allowed are " + plain(min) + " to " + plain(max)
                            + suffix);
        }
        return this;
    }

    public Checks add(String field, String message) {
        problems.add(new FieldProblem(field, message));
        return this;
    }

    /** All problems found, in the order of the checks; empty when the form is sound. */
    public List<FieldProblem> problems() {
        return List.copyOf(problems);
    }

    private static String plain(double value) {
        return Double.isFinite(value)
                ? BigDecimal.valueOf(value)
                        .round(new MathContext(Math.abs(value) < ROUNDED ? DIGITS : WHOLE_DIGITS))
                        .stripTrailingZeros()
                        .toPlainString()
                : String.valueOf(value);
    }
}
