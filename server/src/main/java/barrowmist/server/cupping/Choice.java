package barrowmist.server.cupping;

import barrowmist.core.check.Coded;

/** What is asked of each person at a roast-off. */
enum Choice implements Coded {
    /** All samples, the best first. */
    ORDER("all in order, the best first"),
    /** The best alone. */
    BEST("the best alone");

    private final String label;

    Choice(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
