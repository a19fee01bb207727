package barrowmist.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What to look at next: of each measurement that was not made, how much it is expected to tell of the main cause (mutual
 * information, Shannon 1948). When no measurement tells enough, the cheapest experiment that does.
 */
final class NextLook {

    /** Less is not worth the way, bits (house default). */
    private static final double WORTH_BITS = 0.02;

    /** A sign concerns a cause that changes its probability by more than this. */
    private static final double CONCERNS = 0.1;

    private static final Missing CUP_FIRST = new Missing(
            "Cup it",
            "cupping",
            "The cup speaks first: until it has, all this is only to watch for.",
            Math.log(Cause.values().length) / Math.log(2),
            45,
            EnumSet.allOf(Cause.class));

    private final CauseTable table;
    private final Odds odds;

    NextLook(CauseTable table, Odds odds) {
        this.table = table;
        this.odds = odds;
    }

    /** What is missing, what tells most first; experiments only where no measurement is left that tells enough. */
    List<Missing> missing(List<Observation> observations, boolean cupped) {
        return cupped ? missing(observations) : List.of(CUP_FIRST);
    }

    private List<Missing> missing(List<Observation> observations) {
        Set<Sign> seen = observations.stream().map(Observation::sign).collect(Collectors.toSet());
        Map<String, Missing> looks = new LinkedHashMap<>();
        List<Missing> experiments = new ArrayList<>();
        for (Sign sign : Sign.values()) {
            double gain = sign.measurement().isEmpty() || seen.contains(sign) ? 0 : gainBits(sign);
            if (gain < WORTH_BITS) {
                continue;
            }
            Missing m =
                    new Missing(sign.measurement(), sign.station(), text(sign), gain, sign.minutes(), concerned(sign));
            if (sign.experiment()) {
                experiments.add(m);
            } else {
                looks.merge(m.measurement(), m, (a, b) -> a.gainBits() >= b.gainBits() ? a : b);
            }
        }
        return (looks.isEmpty() ? experiments : new ArrayList<>(looks.values()))
                .stream()
                        .sorted(Comparator.comparingDouble(Missing::gainBits).reversed())
                        .toList();
    }

    private double gainBits(Sign sign) {
        double there = 0;
        Map<Double, Double> mass = new HashMap<>();
        for (Cause cause : Cause.values()) {
            mass.merge(p(sign, cause), odds.main(cause), Double::sum);
        }
        mass.merge(table.base(sign), odds.sound() + odds.none(), Double::sum);
        double left = 0;
        for (Map.Entry<Double, Double> e : mass.entrySet()) {
            there += e.getKey() * e.getValue();
            left += e.getValue() * entropyBits(e.getKey());
        }
        return entropyBits(there) - left;
    }

    private static double entropyBits(double p) {
        return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
    }

    private Set<Cause> concerned(Sign sign) {
        Set<Cause> out = EnumSet.noneOf(Cause.class);
        for (Cause cause : Cause.values()) {
            if (Math.abs(p(sign, cause) - table.base(sign)) > CONCERNS) {
                out.add(cause);
            }
        }
        return out;
    }

    private double p(Sign sign, Cause cause) {
        return table.ways(cause).stream()
                .mapToDouble(way -> way.share() * table.shows(cause, way, sign))
                .sum();
    }

    private String text(Sign sign) {
        List<Cause> likely = Arrays.stream(Cause.values())
                .sorted(Comparator.comparingDouble((Cause c) -> -odds.main(c)))
                .limit(4)
                .toList();
        double most = odds.sound() * odds.main(likely.get(0)) * Math.abs(p(sign, likely.get(0)) - table.base(sign));
        String between = likely.get(0).label() + " and nothing wrong";
        for (Cause a : likely) {
            for (Cause b : likely) {
                double parts = odds.main(a) * odds.main(b) * Math.abs(p(sign, a) - p(sign, b));
                if (parts > most && odds.main(a) >= odds.main(b)) {
                    most = parts;
                    between = a.label() + " and " + b.label();
                }
            }
        }
        String what =
                sign.experiment() ? sign.measurement() : "%s (%d min)".formatted(sign.measurement(), sign.minutes());
        return what + ": it would tell between " + between + ".";
    }
}
