package barrowmist.core.decision;

import barrowmist.core.check.Checks;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/** What a blend may be made of. */
public final class BlendAsked {

    private static final double WHOLE = 100;

    /** Shares that were rounded may miss the whole by so much, per cent; the rest is plausibility (house defaults). */
    private static final double ROUNDED = 0.5;

    private static final int FEWEST_PARTS = 2;
    private static final int MOST_PARTS = 8;
    private static final double LEAST_KG = 0.01;
    private static final double MOST_KG = 10_000;

    private BlendAsked() {}

    /**
     * A part as it is asked for; either may be missing.
     *
     * @param lot its number
     * @param share of the roasted blend, per cent
     */
    public record PartAsked(OptionalLong lot, OptionalDouble share) {
        private boolean whole() {
            return lot.isPresent() && share.orElse(0) > 0;
        }
    }

    /** What is wrong with what is asked for, at {@code kg} and {@code parts}. */
    public static Checks problems(List<PartAsked> parts, double roastedKg) {
        double sum = parts.stream().mapToDouble(p -> p.share().orElse(0)).sum();
        long lots = parts.stream().map(PartAsked::lot).distinct().count();
        Checks checks = new Checks().range("kg", "Kilos of the blend", roastedKg, LEAST_KG, MOST_KG, "kg");
        if (parts.size() < FEWEST_PARTS
                || parts.size() > MOST_PARTS
                || !parts.stream().allMatch(PartAsked::whole)) {
            return checks.add(
                    "parts",
                    "A blend has %d to %d parts, each with a lot and a share above 0"
                            .formatted(FEWEST_PARTS, MOST_PARTS));
        }
        if (lots < parts.size()) {
            return checks.add("parts", "A lot stands there twice: put its shares together");
        }
        return Math.abs(sum - WHOLE) <= ROUNDED
                ? checks
                : checks.add("parts", "The shares come to " + Math.round(sum) + " %, expected 100");
    }
}
