package barrowmist.core.roast.csv;

import java.util.Map;

/**
 * What a person decided about a file that could not be read as it stands.
 *
 * @param columns what each unknown heading means; the heading as written in the file
 * @param celsius how to take figures too hot for °C under a °C heading
 */
public record ReadOptions(Map<String, Column> columns, Celsius celsius) {

    /** Nothing decided yet. */
    public static final ReadOptions NONE = new ReadOptions(Map.of(), Celsius.ASK);

    /** How to take a °C column. */
    public enum Celsius {
        /** Ask when it holds figures that are hardly °C. */
        ASK,
        /** It is °C, however hot. */
        AS_WRITTEN,
        /** It is °F under the wrong heading. */
        IS_FAHRENHEIT
    }

    public ReadOptions {
        columns = Map.copyOf(columns);
    }
}
