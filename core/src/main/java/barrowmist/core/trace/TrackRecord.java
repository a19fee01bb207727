package barrowmist.core.trace;

import barrowmist.core.check.ShareInterval;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How often the program was right: what it said with which odds, and what was judged or proven since.
 *
 * @param byCause of each answer that was given
 * @param byOdds of each band of ten points, lowest first; a band in which nothing was said is left out
 */
public record TrackRecord(Map<String, Tally> byCause, List<Band> byOdds) {

    private static final int BANDS = 10;
    /**
     * One answer that was given, and whether it was so.
     *
     * @param said the code of what was named first, {@code sound} or {@code none}
     * @param odds its probability when it was said, 0 to 1
     */
    public record Said(String said, double odds, boolean so) {}

    /** Right in so many of so many. */
    public record Tally(int right, int n) {
        Tally and(boolean so) {
            return new Tally(right + (so ? 1 : 0), n + 1);
        }
    }

    /**
     * Answers of like odds.
     *
     * @param from lower end of the odds, 0 to 1
     * @param to upper end
     * @param said mean of the odds that were said
     * @param lower lower end of the 95 % interval of what comes true (Clopper and Pearson 1934)
     * @param upper upper end
     */
    public record Band(double from, double to, double said, Tally tally, double lower, double upper) {}

    public static TrackRecord of(List<Said> all) {
        Map<String, Tally> byCause = new LinkedHashMap<>();
        for (Said s : all) {
            byCause.merge(s.said, new Tally(0, 0).and(s.so), (a, b) -> a.and(s.so));
        }
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < BANDS; i++) {
            int band = i;
            List<Said> in = all.stream().filter(s -> band(s.odds) == band).toList();
            if (!in.isEmpty()) {
                bands.add(band(i, in));
            }
        }
        return new TrackRecord(byCause, bands);
    }

    private static int band(double odds) {
        return Math.min(BANDS - 1, (int) (odds * BANDS));
    }

    private static Band band(int i, List<Said> in) {
        int right = (int) in.stream().filter(Said::so).count();
        double mean = in.stream().mapToDouble(Said::odds).average().orElseThrow();
        ShareInterval true95 = ShareInterval.of(right, in.size());
        return new Band(
                (double) i / BANDS,
                (i + 1.0) / BANDS,
                mean,
                new Tally(right, in.size()),
                true95.lower(),
                true95.upper());
    }
}
