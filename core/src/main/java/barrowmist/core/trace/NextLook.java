package barrowmist.core.trace;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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

    /**
     * What is missing, what tells most first; experiments only where no measurement is left that tells enough.
     *
     * @param open whether something is likely wrong and nothing is borne out yet: then what tells most is better than nothing
     */
    List<Missing> missing(List<Observation> observations, boolean cupped, boolean open) {
        if (!cupped) {
            return List.of(CUP_FIRST);
        }
        List<Missing> worth = Stream.of(false, true)
                .map(experiments -> looks(observations, experiments, WORTH_BITS))
                .filter(list -> !list.isEmpty())
                .findFirst()
                .orElse(List.of());
        return open && worth.isEmpty()
                ? Stream.of(true, false)
                        .flatMap(experiments -> looks(observations, experiments, Double.MIN_VALUE).stream())
                        .limit(1)
                        .toList()
                : worth;
    }

    /** What tells so much and was not seen yet, what tells most first; one of each measurement. */
    private List<Missing> looks(List<Observation> observations, boolean experiments, double leastBits) {
        Set<Sign> seen = observations.stream().map(Observation::sign).collect(Collectors.toSet());
        Map<String, Missing> looks = new LinkedHashMap<>();
        for (Sign sign : Sign.values()) {
            boolean asked = !sign.measurement().isEmpty() && sign.experiment() == experiments && !seen.contains(sign);
            double gain = asked ? gainBits(sign) : 0;
            if (gain < leastBits) {
                continue;
            }
            Missing m =
                    new Missing(sign.measurement(), sign.station(), text(sign), gain, sign.minutes(), concerned(sign));
            looks.merge(m.measurement(), m, (a, b) -> a.gainBits() >= b.gainBits() ? a : b);
        }
        return looks.values().stream()
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
