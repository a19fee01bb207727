package barrowmist.core.green;

import java.util.Arrays;
import java.util.Optional;

/**
 * Kinds of defective bean and how many of each make one full defect (SCA Arabica green grading, 350 g sample, values
 * from memory).
 */
public enum Defect {
    FULL_BLACK("full-black", "full black", 1, 1),
    FULL_SOUR("full-sour", "full sour", 1, 1),
    DRIED_CHERRY("dried-cherry", "dried cherry, pod", 1, 1),
    FUNGUS("fungus", "fungus damage", 1, 1),
    FOREIGN_MATTER("foreign-matter", "foreign matter", 1, 1),
    SEVERE_INSECT("severe-insect", "severe insect damage", 1, 5),
    PARTIAL_BLACK("partial-black", "partial black", 2, 3),
    PARTIAL_SOUR("partial-sour", "partial sour", 2, 3),
    PARCHMENT("parchment", "parchment", 2, 5),
    FLOATER("floater", "floater", 2, 5),
    IMMATURE("immature", "immature, unripe", 2, 5),
    WITHERED("withered", "withered", 2, 5),
    SHELL("shell", "shell", 2, 5),
    BROKEN("broken", "broken, chipped, cut", 2, 5),
    HUSK("husk", "hull, husk", 2, 5),
    SLIGHT_INSECT("slight-insect", "slight insect damage", 2, 10);

    private final String code;
    private final String label;
    private final int category;
    private final int beansPerFullDefect;

    Defect(String code, String label, int category, int beansPerFullDefect) {
        this.code = code;
        this.label = label;
        this.category = category;
        this.beansPerFullDefect = beansPerFullDefect;
    }

    /** The name on the wire. */
    public String code() {
        return code;
    }

    /** The name in running text. */
    public String label() {
        return label;
    }

    /** 1, primary, or 2, secondary. */
    public int category() {
        return category;
    }

    /** How many of these make one full defect. */
    public int beansPerFullDefect() {
        return beansPerFullDefect;
    }

    public static Optional<Defect> parse(String code) {
        return Arrays.stream(values()).filter(d -> d.code.equals(code)).findFirst();
    }
}
