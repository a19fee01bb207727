package barrowmist.core.green;

import barrowmist.core.check.Coded;
import java.util.Set;

/** How the seed was freed from its fruit and dried: it decides how the bean takes heat. */
public enum Process implements Coded {
    WASHED("washed"),
    NATURAL("natural"),
    HONEY("honey"),
    WET_HULLED("wet-hulled"),
    OTHER("other");

    private final String label;

    Process(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** "Semi-washed", as some suppliers write it, is wet-hulled. */
    @Override
    public Set<String> synonyms() {
        return this == WET_HULLED ? Set.of("semi-washed") : Set.of();
    }
}
