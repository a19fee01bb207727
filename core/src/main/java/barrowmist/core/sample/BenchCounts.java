package barrowmist.core.sample;

import barrowmist.core.check.Checks;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Beans picked out of a weighed part of a roast. Limits are for 100 g; a batch of 100 g of green gives less than that, so what
 * was counted in it is scaled.
 *
 * @param ofG the beans were picked out of so many grams; 100 when empty
 * @param quakers pale beans that did not brown
 * @param scorched beans with flat burnt faces
 * @param tipped beans with burnt ends
 * @param shells shells and hollow beans
 * @param dark beans much darker than the rest
 * @param broken broken beans
 * @param peaberries single round beans: sound, and kept
 * @param misshapen crooked, elephant or ear-shaped beans
 */
public record BenchCounts(
        OptionalDouble ofG,
        OptionalInt quakers,
        OptionalInt scorched,
        OptionalInt tipped,
        OptionalInt shells,
        OptionalInt dark,
        OptionalInt broken,
        OptionalInt peaberries,
        OptionalInt misshapen) {

    /** Limits are for so much, g. */
    public static final double WHOLE_G = 100;

    /** A pull is a few grams; more than the most are not picked through (house defaults). */
    private static final double LEAST_G = 3;

    private static final double MOST_G = 500;

    /** 100 g of the smallest beans hold fewer than this many. */
    private static final int MAX_BEANS_PER_100G = 1200;

    /** Nothing counted yet. */
    public static BenchCounts none() {
        OptionalInt not = OptionalInt.empty();
        return new BenchCounts(OptionalDouble.empty(), not, not, not, not, not, not, not, not);
    }

    /** The four that limits are set for, counted in 100 g. */
    public static BenchCounts in100g(
            OptionalInt quakers, OptionalInt scorched, OptionalInt tipped, OptionalInt shells) {
        OptionalInt not = OptionalInt.empty();
        return new BenchCounts(OptionalDouble.empty(), quakers, scorched, tipped, shells, not, not, not, not);
    }

    /** Whether it was counted in another mass than limits are for. */
    public boolean scaled() {
        return ofG.isPresent() && ofG.getAsDouble() != WHOLE_G;
    }

    /** A count in 100 g, to the whole bean; never 0 where one was found. */
    public OptionalInt per100g(OptionalInt counted) {
        if (counted.isEmpty() || !scaled()) {
            return counted;
        }
        int n = counted.getAsInt();
        long scaled = Math.round(n * WHOLE_G / ofG.getAsDouble());
        return OptionalInt.of((int) Math.max(Math.min(n, 1), scaled));
    }

    void check(Checks checks) {
        checks.range("counts.ofG", "Counted in", ofG, LEAST_G, MOST_G, "g");
        count(checks, "counts.quakers", "Quakers", quakers);
        count(checks, "counts.scorched", "Scorched beans", scorched);
        count(checks, "counts.tipped", "Tipped beans", tipped);
        count(checks, "counts.shells", "Shells", shells);
        count(checks, "counts.dark", "Dark beans", dark);
        count(checks, "counts.broken", "Broken beans", broken);
        count(checks, "counts.peaberries", "Peaberries", peaberries);
        count(checks, "counts.misshapen", "Misshapen beans", misshapen);
    }

    private void count(Checks checks, String field, String label, OptionalInt n) {
        if (n.isPresent()) {
            double most = MAX_BEANS_PER_100G * ofG.orElse(WHOLE_G) / WHOLE_G;
            checks.range(field, label, n.getAsInt(), 0, Math.floor(most), "in %.0f g".formatted(ofG.orElse(WHOLE_G)));
        }
    }
}
