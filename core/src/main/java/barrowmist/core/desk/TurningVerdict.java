package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Milestone;
import java.util.Optional;

/**
 * What the turning point says already.
 *
 * @param turningPoint where the probe turned
 * @param lateS how much later than usual, s; negative when earlier; empty while the machine's own is not learned
 * @param usual whether that lies within what the machine usually does
 * @param text the same in words, with what follows for dry end
 */
public record TurningVerdict(Milestone turningPoint, Optional<Double> lateS, boolean usual, String text) {

    /** So many spreads are usual (house default). */
    private static final double USUAL_SPREADS = 2;

    private static final double LEAST_S = 3;

    /**
     * @param dryEnd when dry end is expected, s since charge
     * @param wantedDryEndS when it is aimed at, s since charge
     */
    public static TurningVerdict of(
            Milestone turn, MachineReference reference, Optional<Expected> dryEnd, Optional<Double> wantedDryEndS) {
        String at = "Turning point " + Clock.text(turn.timeS());
        String then = consequence(dryEnd, wantedDryEndS);
        if (!(reference.turningPointS() instanceof Band.Learned learned)) {
            return new TurningVerdict(turn, Optional.empty(), true, at + "." + then);
        }
        double late = turn.timeS() - learned.median();
        boolean usual = Math.abs(late) <= Math.max(LEAST_S, USUAL_SPREADS * learned.spread());
        String judged = usual
                ? ", as usual."
                : ", %d s %s than usual.".formatted(Math.round(Math.abs(late)), late > 0 ? "later" : "earlier");
        return new TurningVerdict(turn, Optional.of(late), usual, at + judged + then);
    }

    private static String consequence(Optional<Expected> dryEnd, Optional<Double> wantedS) {
        if (dryEnd.isEmpty()) {
            return "";
        }
        String comes = " Dry end comes at " + Clock.text(dryEnd.get().value());
        if (wantedS.isEmpty()) {
            return comes + ".";
        }
        double late = dryEnd.get().value() - wantedS.get();
        if (Math.abs(late) <= LEAST_S) {
            return comes + ", as planned.";
        }
        return "%s, %d s %s than planned.".formatted(comes, Math.round(Math.abs(late)), late > 0 ? "later" : "earlier");
    }
}
