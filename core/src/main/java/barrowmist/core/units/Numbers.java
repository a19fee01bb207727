package barrowmist.core.units;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers and times as people and loggers write them. */
public final class Numbers {

    private static final Pattern PLAIN = Pattern.compile("[+-]?\\d{1,9}(?:\\.\\d{0,12})?|[+-]?\\.\\d{1,12}");
    private static final Pattern MINUTES = Pattern.compile("(\\d{1,4}):([0-5]?\\d(?:\\.\\d{0,12})?)");
    private static final double SECONDS_PER_MINUTE = 60;

    private final boolean decimalComma;

    /** @param decimalComma whether {@code 8,5} is eight and a half; only where commas do not part the columns */
    public Numbers(boolean decimalComma) {
        this.decimalComma = decimalComma;
    }

    /** A plain number; empty when it is written otherwise. */
    public OptionalDouble number(String text) {
        String plain = plain(text);
        return PLAIN.matcher(plain).matches() ? OptionalDouble.of(Double.parseDouble(plain)) : OptionalDouble.empty();
    }

    /** Seconds from {@code 83}, {@code 83.5} or {@code 1:23}. */
    public OptionalDouble timeS(String text) {
        Matcher m = MINUTES.matcher(plain(text));
        if (m.matches()) {
            return OptionalDouble.of(
                    Integer.parseInt(m.group(1)) * SECONDS_PER_MINUTE + Double.parseDouble(m.group(2)));
        }
        return number(text);
    }

    private String plain(String text) {
        String stripped = text.strip();
        return decimalComma ? stripped.replace(',', '.') : stripped;
    }
}
