package barrowmist.core.green;

import barrowmist.core.check.CountTest;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalInt;

/**
 * Defective beans picked out of a sample, and the grade that follows (SCA Arabica green grading, values from memory).
 *
 * @param beans beans of each kind, none negative; a kind that is not there counts 0
 * @param sampleG weight of the sample counted, g, positive
 * @param quakers quakers in 100 g of the roasted sample; empty when not counted
 */
public record DefectCount(Map<Defect, Integer> beans, double sampleG, OptionalInt quakers) {

    /** The sample that the published limits are for, g (SCA Arabica green grading, value from memory). */
    public static final double SAMPLE_G = 350;

    /** Most full defects of category 2 in a specialty sample (the same, value from memory). */
    public static final int MOST_SECONDARY = 5;

    /** A sample this near to 350 g is counted as it is, share (house default). */
    private static final double SAME_SAMPLE = 0.02;

    /** Less than this tells nothing of a grade, g (house default). */
    private static final double LEAST_G = 100;

    public DefectCount {
        if (!(sampleG > 0) || beans.values().stream().anyMatch(n -> n < 0)) {
            throw new IllegalArgumentException(
                    "Sample is " + sampleG + " g with beans " + beans + "; the weight is positive, no count negative");
        }
        beans = Map.copyOf(beans);
    }

    /** Full defects of one kind, each {@link Defect#beansPerFullDefect()} beans, the rest left out. */
    public int fullDefects(Defect kind) {
        return scaled(kind) / kind.beansPerFullDefect();
    }

    /** Full defects of category 1 or 2. */
    public int fullDefects(int category) {
        return Arrays.stream(Defect.values())
                .filter(d -> d.category() == category)
                .mapToInt(this::fullDefects)
                .sum();
    }

    /** Beans of category 1 or 2, as counted. */
    public int beansOf(int category) {
        return beans.entrySet().stream()
                .filter(e -> e.getKey().category() == category)
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    /** Beans of one kind in 350 g: as counted, or scaled from another weight and rounded to whole beans. */
    public int scaled(Defect kind) {
        int counted = beans.getOrDefault(kind, 0);
        return estimated() ? (int) Math.round(counted * SAMPLE_G / sampleG) : counted;
    }

    /** Whether the sample was of another weight, so that the figures are scaled to 350 g and are an estimate. */
    public boolean estimated() {
        return Math.abs(sampleG / SAMPLE_G - 1) > SAME_SAMPLE;
    }

    /** The grade, and why. */
    public Grade grade() {
        int primary = fullDefects(1);
        int secondary = fullDefects(2);
        String scaled = estimate();
        if (primary > 0) {
            return new Grade(Grade.Name.BELOW_SPECIALTY, primaryReason() + scaled);
        }
        if (secondary > MOST_SECONDARY) {
            return new Grade(
                    Grade.Name.BELOW_SPECIALTY,
                    "%d full defects of category 2, at most %d allowed.".formatted(secondary, MOST_SECONDARY) + scaled);
        }
        if (quakers.isPresent() && quakers.getAsInt() > 0) {
            return new Grade(
                    Grade.Name.BELOW_SPECIALTY,
                    "%d %s in 100 g of the roasted sample, none allowed."
                                    .formatted(quakers.getAsInt(), quakers.getAsInt() == 1 ? "quaker" : "quakers")
                            + scaled);
        }
        String sound =
                "No defect of category 1, %d full of category 2 (at most %d)".formatted(secondary, MOST_SECONDARY);
        if (sampleG < LEAST_G) {
            return new Grade(
                    Grade.Name.TOO_LITTLE,
                    "Counted on %.0f g: too little for a grade, which takes %.0f g.".formatted(sampleG, SAMPLE_G)
                            + scaled);
        }
        boolean whole = sampleG >= SAMPLE_G * (1 - SAME_SAMPLE);
        return quakers.isPresent() && whole
                ? new Grade(Grade.Name.SPECIALTY, sound + ", no quaker." + scaled)
                : new Grade(
                        Grade.Name.SPECIALTY_SO_FAR,
                        sound
                                + (quakers.isPresent()
                                        ? "; a grade takes %.0f g.".formatted(SAMPLE_G)
                                        : "; quakers are counted in the roasted sample, and none is allowed.")
                                + scaled);
    }

    /** What a count on another weight says of 350 g, with what chance alone makes of it; empty for 350 g. */
    private String estimate() {
        if (!estimated()) {
            return "";
        }
        double factor = SAMPLE_G / sampleG;
        CountTest.Interval one = CountTest.interval(beansOf(1)).times(factor);
        CountTest.Interval two = CountTest.interval(beansOf(2)).times(factor);
        return " Estimated from %.0f g: in %.0f g %.0f to %.0f beans of category 1 and %.0f to %.0f of category 2 (95 %%)."
                .formatted(sampleG, SAMPLE_G, one.lower(), one.upper(), two.lower(), two.upper());
    }

    private String primaryReason() {
        Map<Defect, Integer> found = new EnumMap<>(Defect.class);
        for (Defect kind : Defect.values()) {
            if (kind.category() == 1 && fullDefects(kind) > 0) {
                found.put(kind, fullDefects(kind));
            }
        }
        String list = String.join(
                ", ",
                found.entrySet().stream()
                        .map(e -> e.getValue() + " " + e.getKey().label())
                        .toList());
        return "Full defects of category 1: " + list + ". None allowed.";
    }
}
