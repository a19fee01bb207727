package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import java.util.Collection;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How coffee is ground for a table. By the protocol 70 to 75 % of it falls through a sieve of 850 µm, US no. 20 (SCA cupping
 * protocol, values from memory).
 *
 * @param words in the house's own words
 * @param throughPct what falls through the sieve, % of the weight
 */
public record Grind(Optional<String> words, OptionalDouble throughPct) {

    private static final double LEAST_PCT = 70;
    private static final double MOST_PCT = 75;

    /** Sieved by hand twice, the same grind differs by so much, % (house default). */
    private static final double SAME_PCT = 3;

    private static final int LONGEST = 80;

    public static Grind unsaid() {
        return new Grind(Optional.empty(), OptionalDouble.empty());
    }

    static Grind said(String words) {
        return new Grind(Optional.of(words), OptionalDouble.empty());
    }

    Checks check(Checks checks) {
        if (words.orElse("").length() > LONGEST) {
            checks.add("protocol.grind", "How it is ground has at most " + LONGEST + " characters");
        }
        return checks.range("protocol.throughPct", "Through 850 µm", throughPct, 1, 100, "%");
    }

    /** How to grind, for whoever prepares. */
    String asked() {
        String how = words.orElse("a little coarser than for filter");
        return throughPct.isPresent()
                ? how + ": %.0f %% of it falls through 850 µm".formatted(throughPct.getAsDouble())
                : how + ": %.0f to %.0f %% of it falls through 850 µm".formatted(LEAST_PCT, MOST_PCT);
    }

    /** That the sieve shows another grind than the protocol's, and which; empty where it was not sieved. */
    Optional<String> offProtocol() {
        return throughPct.stream()
                .filter(p -> p < LEAST_PCT || p > MOST_PCT)
                .mapToObj(p -> "%.0f %% falls through 850 µm: the protocol asks for %.0f to %.0f, this is too %s."
                        .formatted(p, LEAST_PCT, MOST_PCT, p < LEAST_PCT ? "coarse" : "fine"))
                .findFirst();
    }

    /** Whether it is another grind than the protocol's and than each of the house's. */
    boolean off(Collection<Grind> house) {
        boolean named = words.isPresent()
                && house.stream().anyMatch(g -> g.words.isPresent())
                && house.stream().noneMatch(g -> g.words.equals(words));
        return named || offProtocol().isPresent() && house.stream().noneMatch(this::sievedAlike);
    }

    /** Against the last table's. */
    Optional<String> differs(Grind last) {
        if (words.isPresent() && last.words.isPresent() && !words.equals(last.words)) {
            return Optional.of("Ground \"%s\", last time \"%s\": scores will not compare."
                    .formatted(words.get(), last.words.get()));
        }
        return throughPct.isPresent() && last.throughPct.isPresent() && !sievedAlike(last)
                ? Optional.of("%.0f %% through 850 µm, last time %.0f %%: scores will not compare."
                        .formatted(throughPct.getAsDouble(), last.throughPct.getAsDouble()))
                : Optional.empty();
    }

    private boolean sievedAlike(Grind other) {
        return throughPct.isPresent()
                && other.throughPct.isPresent()
                && Math.abs(throughPct.getAsDouble() - other.throughPct.getAsDouble()) <= SAME_PCT;
    }
}
