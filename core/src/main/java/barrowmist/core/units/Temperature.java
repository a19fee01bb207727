package barrowmist.core.units;

/**
 * A point on the temperature scale. Kept apart from {@link TemperatureDifference}, because only a point carries the
 * 32 °F offset.
 *
 * @param c degrees Celsius, from absolute zero up, finite
 */
public record Temperature(double c) {

    /** Absolute zero in °C (SI definition). */
    public static final double ABSOLUTE_ZERO_C = -273.15;

    private static final double FAHRENHEIT_OFFSET = 32;

    public Temperature {
        if (!(c >= ABSOLUTE_ZERO_C && c < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException("Temperature is " + c + " °C, expected " + ABSOLUTE_ZERO_C + " or more");
        }
    }

    /** The temperature that reads {@code f} degrees Fahrenheit. */
    public static Temperature ofFahrenheit(double f) {
        return new Temperature((f - FAHRENHEIT_OFFSET) / TemperatureDifference.FAHRENHEIT_PER_CELSIUS);
    }

    /** Degrees Fahrenheit. */
    public double f() {
        return c * TemperatureDifference.FAHRENHEIT_PER_CELSIUS + FAHRENHEIT_OFFSET;
    }

    /** How far this lies above {@code other}; negative when it lies below. */
    public TemperatureDifference minus(Temperature other) {
        return new TemperatureDifference(c - other.c);
    }
}
