package barrowmist.core.green;

import barrowmist.core.check.Coded;

/**
 * Kinds of defective bean and how many of each make one full defect (SCA Arabica green grading, 350 g sample, values
 * from memory).
 */
public enum Defect implements Coded {
    FULL_BLACK("full black", 1, 1),
    FULL_SOUR("full sour", 1, 1),
    DRIED_CHERRY("dried cherry, pod", 1, 1),
    FUNGUS("fungus damage", 1, 1),
    FOREIGN_MATTER("foreign matter", 1, 1),
    SEVERE_INSECT("severe insect damage", 1, 5),
    PARTIAL_BLACK("partial black", 2, 3),
    PARTIAL_SOUR("partial sour", 2, 3),
    PARCHMENT("parchment", 2, 5),
    FLOATER("floater", 2, 5),
    IMMATURE("immature, unripe", 2, 5),
    WITHERED("withered", 2, 5),
    SHELL("shell", 2, 5),
    BROKEN("broken, chipped, cut", 2, 5),
    HUSK("hull, husk", 2, 5),
    SLIGHT_INSECT("slight insect damage", 2, 10);

    private final String label;
    private final int category;
    private final int beansPerFullDefect;

    Defect(String label, int category, int beansPerFullDefect) {
        this.label = label;
        this.category = category;
        this.beansPerFullDefect = beansPerFullDefect;
    }

    /** The name in running text. */
    @Override
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
}
