package barrowmist.core.cupping;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How much of a roasted sample a table takes (common practice, no published source): a dose for each cup, and one more
 * through the grinder before each sample, so that nothing of the one before is in the cup.
 *
 * @param doseG in a cup, g
 * @param cups cups of it on the table, over all codes it stands under
 * @param purges how often the grinder is purged with it
 */
public record SampleNeeds(double doseG, int cups, int purges) {

    /** What goes into each cup where so much is said, or else by the published protocol, g. */
    public static double doseG(TableProtocol protocol) {
        return protocol.doseG().orElseGet(() -> TableProtocol.usual().doseG().orElseThrow());
    }

    /** In all, g. */
    public double grams() {
        return doseG * (cups + purges);
    }

    /**
     * What is to be said before the pour, when what is there does not suffice.
     *
     * @param roastedG weight out of the roaster, g; without one nothing is known
     * @param keptG what an ageing study keeps of it, g; 0 without one
     */
    public Optional<String> warning(OptionalDouble roastedG, double keptG) {
        if (roastedG.isEmpty() || roastedG.getAsDouble() - keptG >= grams()) {
            return Optional.empty();
        }
        String there = keptG > 0
                ? "%s g are there without the %s g that the ageing study keeps"
                        .formatted(plain(Math.max(0, roastedG.getAsDouble() - keptG)), plain(keptG))
                : plain(roastedG.getAsDouble()) + " g are there";
        return Optional.of("Needs %s g (%d cups of %s g, and a dose to purge the grinder); %s."
                .formatted(plain(grams()), cups, plain(doseG), there));
    }

    private static String plain(double grams) {
        return String.format(Locale.ROOT, "%.2f", grams).replaceAll("\\.?0+$", "");
    }
}
