package barrowmist.core.green;

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

    /** The name in running text. */
    public String label() {
        return label;
    }
}
