package barrowmist.core.roast.csv;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The columns of a roast log. */
public enum Column {
    TIME(0, 86_400),
    BEAN_C(-20, 700),
    BEAN_F(-4, 1300),
    ENVIRONMENT_C(-20, 900),
    ENVIRONMENT_F(-4, 1650),
    GAS_PCT(0, 100),
    /** Pressure of the gas at the burner, as the roaster's gauge reads it. */
    GAS_KPA(0, 100),
    GAS_MBAR(0, 1000),
    /** As the roaster's own dial or steps read it. */
    GAS_DIAL(0, 10_000),
    AIRFLOW_PCT(0, 100),
    AIRFLOW_DIAL(0, 10_000),
    DRUM_RPM(0, 500),
    DRUM_DIAL(0, 10_000),
    EVENT(0, 0),
    /** A column of the file that is left out. */
    IGNORE(0, 0);

    private final double min;
    private final double max;

    Column(double min, double max) {
        this.min = min;
        this.max = max;
    }

    /** The heading, such as {@code bean_c}. */
    public String heading() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Smallest value believed, in the column's unit. */
    double min() {
        return min;
    }

    /** Largest value believed, in the column's unit. */
    double max() {
        return max;
    }

    /** The column with this heading, in any case, blanks or dashes for underscores. */
    public static Optional<Column> parse(String heading) {
        String code = heading.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", "_");
        return Arrays.stream(values()).filter(c -> c.heading().equals(code)).findFirst();
    }

    /** Headings that a file may use. */
    public static List<String> headings() {
        return Arrays.stream(values())
                .filter(c -> c != IGNORE)
                .map(Column::heading)
                .toList();
    }
}
