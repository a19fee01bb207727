package barrowmist.core.plan;

/**
 * When the roast is ended.
 *
 * @param by what decides
 * @param value °C, s or %, as {@code by} says
 */
public record DropRule(By by, double value) {

    /** What decides the drop. */
    public enum By {
        /** The bean probe, °C. */
        BEAN_C,
        /** Time since charge, s. */
        TOTAL_S,
        /** Time since first crack, s. */
        DEVELOPMENT_S,
        /** Share of the time since charge that came after first crack, %. */
        DEVELOPMENT_PCT,
        /** Degrees above first crack, °C: full city lies about 17 above it (common practice, no published source). */
        OVER_CRACK_C
    }

    /**
     * @param crackS first crack, s since charge; not finite before it
     * @param crackC bean probe there, °C
     */
    boolean reached(double timeS, double probeC, double crackS, double crackC, boolean rising) {
        return switch (by) {
            case BEAN_C -> rising && probeC >= value;
            case OVER_CRACK_C -> timeS >= crackS && probeC >= crackC + value;
            case TOTAL_S -> timeS >= value;
            case DEVELOPMENT_S -> timeS - crackS >= value;
            case DEVELOPMENT_PCT -> 100 * (timeS - crackS) / Math.max(timeS, 1) >= value;
        };
    }
}
