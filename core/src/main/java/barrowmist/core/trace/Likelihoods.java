package barrowmist.core.trace;

import barrowmist.core.trace.CauseTable.Way;
import barrowmist.core.trace.Evidence.Source;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How likely what was observed is under a cause. The ways of a cause are mixed; of two causes at once either may show a sign.
 * Immutable.
 */
final class Likelihoods {

    private static final double LEAST_P = 0.004;

    private final CauseTable table;
    private final Map<Source, List<Observation>> seen = new EnumMap<>(Source.class);

    Likelihoods(CauseTable table, List<Observation> observations) {
        this.table = table;
        for (Observation o : observations) {
            seen.computeIfAbsent(o.sign().source(), s -> new ArrayList<>()).add(o);
        }
    }

    /** How well one way of a cause fits the log, as a log likelihood ratio against a sound roast. */
    double ofWay(Cause cause, Way way) {
        return log(seen.getOrDefault(Source.LOG, List.of()), List.of(cause), List.of(way));
    }

    /**
     * Log likelihood ratio of one cause, or of two at once, against a sound roast, by one source; 0 where it has shown nothing.
     */
    double of(Source source, List<Cause> causes) {
        List<Observation> observations = seen.getOrDefault(source, List.of());
        if (observations.isEmpty()) {
            return 0;
        }
        double mixed = 0;
        for (Way a : table.ways(causes.get(0))) {
            if (causes.size() == 1) {
                mixed += a.share() * Math.exp(log(observations, causes, List.of(a)));
                continue;
            }
            for (Way b : table.ways(causes.get(1))) {
                mixed += a.share() * b.share() * Math.exp(log(observations, causes, List.of(a, b)));
            }
        }
        return Math.log(mixed);
    }

    private double log(List<Observation> observations, List<Cause> causes, List<Way> ways) {
        double log = 0;
        for (Observation o : observations) {
            double base = table.base(o.sign());
            log += Math.log(o.likelihood(p(o.sign(), causes, ways)) / o.likelihood(base));
        }
        return log;
    }

    /** Of two causes either may show a sign. */
    private double p(Sign sign, List<Cause> causes, List<Way> ways) {
        double a = table.shows(causes.get(0), ways.get(0), sign);
        if (causes.size() == 1) {
            return a;
        }
        double b = table.shows(causes.get(1), ways.get(1), sign);
        double either = 1 - (1 - a) * (1 - b) / (1 - table.base(sign));
        return Math.max(LEAST_P, Math.min(1 - LEAST_P, either));
    }
}
