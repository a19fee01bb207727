package barrowmist.core.green;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How the seed was freed from its fruit and dried: it decides how the bean takes heat. */
public enum Process {
    WASHED("washed"),
    NATURAL("natural"),
    HONEY("honey"),
    WET_HULLED("wet-hulled"),
    OTHER("other");

    private final String label;

    Process(String label) {
        this.label = label;
    }

    /** A process by its name; "semi-washed", as some suppliers write it, is wet-hulled. Empty for no such name. */
    public static Optional<Process> parse(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT).replace('_', '-');
        return wanted.equals("semi-washed")
                ? Optional.of(WET_HULLED)
                : Arrays.stream(values()).filter(p -> p.label.equals(wanted)).findFirst();
    }

    /** The name in running text. */
    public String label() {
        return label;
    }
}
