package barrowmist.core.desk;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.machine.Abilities;
import java.util.List;
import java.util.Optional;

/** What may be written at the desk beside events: notes, and controls that the roaster does not report. */
public final class EntryRules {

    /** Gas, air: the most that a control can be, %. */
    public static final double HIGHEST_PCT = 100;

    /** A key that was pressed without a network is believed when it comes this late, s of the wall (house default). */
    private static final double LONGEST_AGO_S = 600;

    private static final int MOST_NOTE = 300;

    /** A trier draws a few grams; half of a small batch is no sample of it (house default). */
    private static final double MOST_PULL_G = 60;

    /** No trier draws twice within so long, s (house default). */
    private static final double SAME_PULL_S = 2;

    private EntryRules() {}

    /** Why a note is refused, in a sentence; empty when it is taken. */
    public static Optional<String> noteRefused(String text) {
        boolean fits = !text.isEmpty() && text.length() <= MOST_NOTE;
        return fits
                ? Optional.empty()
                : Optional.of("A note has 1 to " + MOST_NOTE + " characters, this one " + text.length());
    }

    /** Whether a person may note a value of it: a control, a pull in grams, or that it is the warm-up. */
    public static boolean hasValue(String control) {
        return control.equals(Entry.PULL)
                || control.equals(Entry.WARM_UP)
                || control.equals(Entry.GAS)
                || control.equals(Entry.AIR)
                || control.equals(Entry.DRUM);
    }

    /** Why a value is refused, in a sentence; empty when it is taken. */
    public static Optional<String> valueRefused(String control, double value) {
        if (control.equals(Entry.WARM_UP)) {
            return value == 0 || value == 1
                    ? Optional.empty()
                    : Optional.of("A warm-up batch is 1, any other 0; it got " + value);
        }
        if (control.equals(Entry.PULL)) {
            return value >= 1 && value <= MOST_PULL_G
                    ? Optional.empty()
                    : Optional.of("The pull is %s g, allowed are 1 to %.0f g".formatted(value, MOST_PULL_G));
        }
        boolean drum = control.equals(Entry.DRUM);
        double highest = drum ? Abilities.MOST_RPM : HIGHEST_PCT;
        return value >= 0 && value <= highest
                ? Optional.empty()
                : Optional.of("The %s is %s, allowed are 0 to %.0f %s"
                        .formatted(control, value, highest, drum ? "1/min" : "%"));
    }

    /** Why a pull at {@code atS} is refused, in a sentence; empty when it is taken. */
    public static Optional<String> pullRefused(RoastBatch batch, double atS) {
        boolean roasting = batch.phase() == DeskPhase.ROASTING
                && batch.chargeS().isPresent()
                && atS >= batch.chargeS().getAsDouble();
        return roasting
                ? Optional.empty()
                : Optional.of("A pull is drawn from a roast: press it between charge and drop.");
    }

    /** Whether a pull at {@code atS} is one of those that stand: whoever pressed late may press after another. */
    public static boolean isSamePull(List<Entry> standing, double atS) {
        return standing.stream().anyMatch(e -> e.kind().equals(Entry.PULL) && Math.abs(e.timeS() - atS) < SAME_PULL_S);
    }

    /** How long ago something was pressed, as far as it is believed, s. */
    public static double agoS(double saidS) {
        return Math.max(0, Math.min(LONGEST_AGO_S, saidS));
    }
}
