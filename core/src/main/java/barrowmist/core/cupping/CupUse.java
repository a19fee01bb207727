package barrowmist.core.cupping;

/** What a cup may be used for: the columns of {@link CupCounting}. */
public enum CupUse {
    /** To trace the roast that it is of. */
    TRACE,
    /** For what a roaster usually does. */
    USUAL,
    /** To decide on the lot. */
    DECISION,
    /** In reports, labels and claims. */
    REPORT,
    /** For a supplier over time. */
    SUPPLIER,
    /** For patterns and learned rules. */
    PATTERNS,
    /** For the cup over its age. */
    AGEING,
    /** For the history of its cupper. */
    CUPPER,
    /** In counts of causes over time, and in questions. */
    OVER_TIME,
    /** As a task of Today. */
    TODAY,
    /** To find a roast by what it tasted of. */
    SEARCH,
    /** In tables that leave the program. */
    EXPORT
}
