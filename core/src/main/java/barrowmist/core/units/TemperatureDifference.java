package barrowmist.core.units;

/**
 * A distance between two temperatures, or a rate when it stands for "per minute". Converted by the ratio of the degrees
 * alone: 10 °F apart is 5.56 °C apart.
 *
 * @param c degrees Celsius, finite, any sign
 */
public record TemperatureDifference(double c) {

    /** Fahrenheit degrees in one Celsius degree, by definition of the scales. */
    public static final double FAHRENHEIT_PER_CELSIUS = 1.8;

    public TemperatureDifference {
        if (!Double.isFinite(c)) {
            throw new IllegalArgumentException("Temperature difference is " + c + ", expected a finite number");
        }
    }

    /** The difference of {@code f} Fahrenheit degrees. */
    public static TemperatureDifference ofFahrenheit(double f) {
        return new TemperatureDifference(f / FAHRENHEIT_PER_CELSIUS);
    }

    /** Fahrenheit degrees. */
    public double f() {
        return c * FAHRENHEIT_PER_CELSIUS;
    }
}
