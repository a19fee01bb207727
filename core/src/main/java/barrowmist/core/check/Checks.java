package barrowmist.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Gathers every problem of a form before it is refused, so that a person mends them in one go. */
public final class Checks {

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

    /** Refuses a missing value. */
    public Checks present(String field, String label, @Nullable Object value) {
        if (value == null) {
            add(field, label + " is missing: choose one");
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
        if (!(value >= min && value <= max)) {
            String suffix = unit.isEmpty() ? "" : " " + unit;
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
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString((long) value)
                : String.format(Locale.ROOT, "%.4g", value);
    }
}
