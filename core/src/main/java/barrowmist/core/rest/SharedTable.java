package barrowmist.core.rest;

import barrowmist.core.green.Process;
import java.util.List;

/**
 * When samples of one day can be cupped together.
 *
 * @param opensS when the last of them opens, s on the clock of the drops
 * @param closesS when the first of them closes, s
 */
public record SharedTable(double opensS, double closesS) {

    private static final double SECONDS_PER_HOUR = 3600;

    /** A sample and when it is dropped, s on any clock. */
    public record Dropped(double dropS, Process process) {}

    /** @param samples at least one */
    public static SharedTable of(List<Dropped> samples, RestSchool school) {
        double opens = Double.NEGATIVE_INFINITY;
        double closes = Double.POSITIVE_INFINITY;
        for (Dropped d : samples) {
            opens = Math.max(opens, d.dropS + school.opensH(d.process) * SECONDS_PER_HOUR);
            closes = Math.min(closes, d.dropS + school.closesH(d.process) * SECONDS_PER_HOUR);
        }
        return new SharedTable(opens, closes);
    }

    /** Whether one table will do; else the first closes before the last opens, and two are laid. */
    public boolean together() {
        return opensS <= closesS;
    }
}
