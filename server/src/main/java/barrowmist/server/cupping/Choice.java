package barrowmist.server.cupping;

/** What is asked of each person at a roast-off. */
enum Choice {
    /** All samples, the best first. */
    ORDER,
    /** The best alone. */
    BEST
}
