package barrowmist.core.rest;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;

/**
 * Schools of resting: when a sample opens and when it closes. In each of them a natural rests a day longer (common practice, no
 * published source).
 */
public enum RestSchool implements Coded {
    /** 8 to 24 hours after roasting (SCA cupping protocol, value from memory; it names no process). */
    PROTOCOL("protocol", 8, 8, 24, 24),
    /**
     * Washed good on day 1, best on day 2 to 4; a natural is flat on day 1, at its peak on day 3 to 4 (common practice, no
     * published source).
     */
    DRINKING("drinking", 24, 48, 96, 96),
    /** Not before day 4, best by day 10 (common practice, no published source; the end is a house default). */
    LATE("late", 96, 144, 240, 240);

    private static final double HOURS_PER_DAY = 24;
    private static final double NATURAL_LATER_H = 24;

    private final String label;
    private final double opensH;
    private final double bestFromH;
    private final double bestToH;
    private final double closesH;

    RestSchool(String label, double opensH, double bestFromH, double bestToH, double closesH) {
        this.label = label;
        this.opensH = opensH;
        this.bestFromH = bestFromH;
        this.bestToH = bestToH;
        this.closesH = closesH;
    }

    @Override
    public String label() {
        return label;
    }

    /** When a washed sample may be cupped: in hours within two days, else in days. */
    @Override
    public String meaning() {
        return closesH <= 2 * HOURS_PER_DAY
                ? "%.0f to %.0f hours".formatted(opensH, closesH)
                : "day %.0f to %.0f".formatted(opensH / HOURS_PER_DAY, closesH / HOURS_PER_DAY);
    }

    /** Hours after the roast from which on it may be cupped. */
    public double opensH(Process process) {
        return opensH + later(process);
    }

    /** Hours after the roast from which on it is at its best. */
    public double bestFromH(Process process) {
        return bestFromH + later(process);
    }

    /** Hours after the roast until which it is at its best. */
    public double bestToH(Process process) {
        return bestToH + later(process);
    }

    /** Hours after the roast until which it may be cupped. */
    public double closesH(Process process) {
        return closesH + later(process);
    }

    private double later(Process process) {
        return process == Process.NATURAL ? NATURAL_LATER_H : 0;
    }
}
