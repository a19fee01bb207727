package barrowmist.core.trace;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import org.hipparchus.distribution.continuous.BetaDistribution;

/** How often each cause was found, by whatever roasts are grouped by, and whether it got rarer. Pure. */
public final class OverTime {

    private static final double JEFFREYS = 0.5;

    /** Steps over the share of the roasts, in which one is more than the other. */
    private static final int STEPS = 2000;

    private OverTime() {}

    /**
     * A cupped roast.
     *
     * @param group what it is counted under
     * @param cause what its cup is held to come from; empty for nothing
     */
    public record Seen(String group, Optional<String> cause, Instant at) {}

    /** Of one group: how many were cupped, and how many of them by cause. */
    public record Group(String name, int cupped, Map<String, Integer> causes) {}

    /**
     * A cause in the older and in the newer half of the roasts.
     *
     * @param rarer probability that it is rarer now than it was: two binomial shares with Jeffreys' prior
     */
    public record Trend(String cause, int before, int ofBefore, int after, int ofAfter, double rarer) {}

    /** Groups in the order of their names. */
    public static List<Group> groups(List<Seen> all) {
        Map<String, List<Seen>> by = new TreeMap<>();
        all.forEach(s -> by.computeIfAbsent(s.group, g -> new ArrayList<>()).add(s));
        return by.entrySet().stream()
                .map(e -> new Group(e.getKey(), e.getValue().size(), causes(e.getValue())))
                .toList();
    }

    private static Map<String, Integer> causes(List<Seen> all) {
        Map<String, Integer> out = new LinkedHashMap<>();
        all.forEach(s -> s.cause.ifPresent(c -> out.merge(c, 1, Integer::sum)));
        return out;
    }

    /** Each cause that was found at all; empty while there are too few to be halved. */
    public static List<Trend> trends(List<Seen> all) {
        List<Seen> sorted = all.stream().sorted(Comparator.comparing(Seen::at)).toList();
        int half = sorted.size() / 2;
        if (half == 0) {
            return List.of();
        }
        Map<String, Integer> before = causes(sorted.subList(0, half));
        Map<String, Integer> after = causes(sorted.subList(half, sorted.size()));
        TreeSet<String> names = new TreeSet<>(before.keySet());
        names.addAll(after.keySet());
        return names.stream()
                .map(c -> trend(c, before.getOrDefault(c, 0), half, after.getOrDefault(c, 0), sorted.size() - half))
                .toList();
    }

    private static Trend trend(String cause, int before, int ofBefore, int after, int ofAfter) {
        BetaDistribution then = new BetaDistribution(JEFFREYS + before, JEFFREYS + ofBefore - before);
        BetaDistribution now = new BetaDistribution(JEFFREYS + after, JEFFREYS + ofAfter - after);
        return new Trend(cause, before, ofBefore, after, ofAfter, more(then, now));
    }

    /** Probability that the one's share is more than the other's. */
    static double more(BetaDistribution a, BetaDistribution b) {
        double sum = 0;
        // over equal steps of the other's probability: both densities may have no bound at the ends
        for (int i = 1; i <= STEPS; i++) {
            double at = b.inverseCumulativeProbability((i - 0.5) / STEPS);
            sum += 1 - a.cumulativeProbability(at);
        }
        return sum / STEPS;
    }
}
