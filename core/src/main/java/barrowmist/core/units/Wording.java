package barrowmist.core.units;

import java.util.Locale;

/**
 * How a person wants temperatures and rates written in sentences. Figures on the wire stay in °C and °C/min.
 *
 * @param fahrenheit °F instead of °C
 * @param per30s rates for 30 s instead of a minute
 * @param controls how the roaster's controls are written
 */
public record Wording(boolean fahrenheit, boolean per30s, ControlWords controls) {

    public Wording(boolean fahrenheit, boolean per30s) {
        this(fahrenheit, per30s, ControlWords.PLAIN);
    }

    /** °C and °C/min. */
    public static final Wording SI = new Wording(false, false);

    /** The same for a roaster with scales of its own. */
    public Wording on(ControlWords roaster) {
        return new Wording(fahrenheit, per30s, roaster);
    }

    /** A temperature, such as {@code 196 °C}. */
    public String temperature(double c) {
        double shown = fahrenheit ? new Temperature(c).f() : c;
        return "%d %s".formatted(Math.round(shown), degree());
    }

    /** A temperature to a tenth, such as {@code 199.7 °C}. */
    public String exact(double c) {
        return "%s %s".formatted(number(fahrenheit ? new Temperature(c).f() : c), degree());
    }

    /** A difference of temperatures, such as {@code 4.5 °C}. */
    public String difference(double c) {
        return "%s %s".formatted(number(difference(c, fahrenheit)), degree());
    }

    /** A rate of rise, such as {@code 8.0 °C/min}. */
    public String rate(double cPerMin) {
        return "%s %s/%s".formatted(bareRate(cPerMin), degree(), per30s ? "30 s" : "min");
    }

    /** A rate of rise without its unit. */
    public String bareRate(double cPerMin) {
        return number(difference(cPerMin, fahrenheit) / (per30s ? 2 : 1));
    }

    /** The text with a capital first letter; not empty. */
    public static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** One decimal. */
    public static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static double difference(double c, boolean fahrenheit) {
        return fahrenheit ? new TemperatureDifference(c).f() : c;
    }

    private String degree() {
        return fahrenheit ? "°F" : "°C";
    }
}
