package barrowmist.core.green;

import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * What a stack of sieves says of a sample.
 *
 * @param shares share of each sieve, largest first, the pan last, % of what was weighed back
 * @param meanScreen mean screen, 1/64 inch, beans on a sieve counted at its own size, those in the pan one below the
 *     smallest
 * @param meanMm the same, mm
 * @param spread standard deviation about it, 1/64 inch
 * @param belowContractPct share that fell through the contracted screen, %; empty without a contract
 * @param missingPct how much less was weighed back than was put in, % of it, negative for more; empty when what was put
 *     in is not known
 */
public record ScreenAnalysis(
        List<Share> shares,
        double meanScreen,
        double meanMm,
        double spread,
        OptionalDouble belowContractPct,
        OptionalDouble missingPct) {

    /** More than this lost or gained in sieving is said, % (house default). */
    public static final double MOST_MISSING_PCT = 1;

    /** Beyond this spread beans of one roast come out light and dark, 1/64 inch (house default). */
    public static final double WIDE_SPREAD = 1.4;

    /** Screen number that stands for the pan below the last sieve. */
    public static final int PAN = 0;

    /**
     * One sieve.
     *
     * @param screen 1/64 inch; {@link #PAN} for what fell through all
     * @param grams kept on it, g
     * @param pct share, %
     */
    public record Share(int screen, double grams, double pct) {}

    /**
     * @param gramsBySieve grams kept on each sieve by screen number, {@link #PAN} for the pan; none negative
     * @param sampleG put in, g
     * @param contract smallest screen of the contract; empty without one
     * @return empty when nothing was weighed
     */
    public static Optional<ScreenAnalysis> of(
            NavigableMap<Integer, Double> gramsBySieve, OptionalDouble sampleG, Optional<Integer> contract) {
        NavigableMap<Integer, Double> grams = new TreeMap<>(gramsBySieve);
        double total = grams.values().stream().mapToDouble(g -> g).sum();
        if (!(total > 0)) {
            return Optional.empty();
        }
        int panSize = grams.keySet().stream()
                        .filter(s -> s != PAN)
                        .min(Integer::compare)
                        .orElse(1)
                - 1;
        double mean = 0;
        for (var e : grams.entrySet()) {
            mean += size(e.getKey(), panSize) * e.getValue() / total;
        }
        double variance = 0;
        for (var e : grams.entrySet()) {
            variance += Math.pow(size(e.getKey(), panSize) - mean, 2) * e.getValue() / total;
        }
        List<Share> shares = grams.descendingMap().entrySet().stream()
                .map(e -> new Share(e.getKey(), e.getValue(), 100 * e.getValue() / total))
                .toList();
        OptionalDouble below = contract.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(shares.stream()
                        .filter(s -> s.screen < contract.get())
                        .mapToDouble(Share::pct)
                        .sum());
        OptionalDouble missing = sampleG.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(100 * (sampleG.getAsDouble() - total) / sampleG.getAsDouble());
        return Optional.of(new ScreenAnalysis(
                shares, mean, mean * ScreenRange.MM_PER_64TH_INCH, Math.sqrt(variance), below, missing));
    }

    private static int size(int screen, int panSize) {
        return screen == PAN ? panSize : screen;
    }

    /** Whether so wide a mix roasts unevenly. */
    public boolean wide() {
        return spread > WIDE_SPREAD;
    }

    /** Said when what was weighed back is not what was put in. */
    public Optional<String> doubt() {
        if (missingPct.isEmpty() || Math.abs(missingPct.getAsDouble()) <= MOST_MISSING_PCT) {
            return Optional.empty();
        }
        double pct = missingPct.getAsDouble();
        return Optional.of("The sieves hold %.1f %% %s than the sample weighed: beans lost, or a weight mistyped."
                .formatted(Math.abs(pct), pct > 0 ? "less" : "more"));
    }
}
