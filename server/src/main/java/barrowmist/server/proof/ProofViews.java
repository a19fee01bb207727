package barrowmist.server.proof;

import barrowmist.core.trace.Cause;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Proofs on the wire. */
public final class ProofViews {

    private ProofViews() {}

    /** What is to be proven: which later roast, and of which cause; the newest, and the likeliest, when they are left out. */
    record ProofEntry(
            @Schema(example = "2") @Nullable Long roastId,
            @Schema(example = "baked") @Nullable String cause) {}

    /** A table that was laid. */
    record LaidProof(long cuppingId) {}

    /**
     * One change put to the proof.
     *
     * @param change what was changed, a sentence; left out where the new roast followed no plan of this trace
     * @param outcome left out until its table is revealed
     * @param certainty of the outcome, 0 to 1: that fewer cups have the fault; where it is worse, that more have it or another
     * @param shown the counts in a sentence
     */
    public record ProofView(
            long cuppingId,
            long beforeId,
            int beforeNumber,
            long afterId,
            int afterNumber,
            String lotName,
            String machineName,
            String cause,
            String label,
            @Nullable String change,

            @Schema(allowableValues = {"held", "not-shown", "worse"}) @Nullable
            String outcome,

            @Nullable Double certainty,
            @Nullable Double scoreChange,
            @Nullable String shown,
            Instant laidAt,
            String laidBy) {

        static ProofView of(ProofEntity p, int beforeNumber, int afterNumber, String lotName, String machineName) {
            return new ProofView(
                    p.cuppingId(),
                    p.beforeId(),
                    beforeNumber,
                    p.afterId(),
                    afterNumber,
                    lotName,
                    machineName,
                    p.cause(),
                    labelOf(p.cause()),
                    p.changeText(),
                    p.outcome(),
                    p.certainty(),
                    p.scoreChange(),
                    p.shown(),
                    p.laidAt(),
                    p.laidBy());
        }
    }

    /**
     * A later roast of the same lot, that may stand beside the old one.
     *
     * @param planned whether it followed the plan of this trace
     * @param rested whether it may be cupped by now
     * @param warnings what would have to be said of the two before the pour
     */
    record LaterRoast(
            long roastId, int number, Instant roastedAt, boolean planned, boolean rested, List<String> warnings) {}

    /** A plan that changes one thing of a roast. */
    record PlannedChange(long planId, String change) {}

    /**
     * What may be proven of a roast, and what was.
     *
     * @param plans made of its trace, the newest first
     */
    record ProofsView(List<PlannedChange> plans, List<LaterRoast> later, List<ProofView> proofs) {}

    /** Of one kind of change at one roaster: what came of it, by cause. */
    record ChangeTally(String machineName, String label, String change, int held, int notShown, int worse) {}

    /** Right in so many of so many. */
    record SaidOf(String code, String label, int right, int n) {}

    /**
     * Answers of like odds.
     *
     * @param said mean of the odds that were said
     * @param lower lower end of the 95 % interval of what comes true
     */
    record OddsBand(double from, double to, double said, int right, int n, double lower, double upper) {}

    /**
     * The program's own record.
     *
     * @param judged roasts that were judged by the lead, or proven
     */
    record RecordView(
            int judged,
            int right,
            List<SaidOf> causes,
            List<OddsBand> odds,
            List<ChangeTally> changes,
            List<ProofView> proofs) {}

    static String labelOf(String code) {
        return Cause.parse(code).map(Cause::label).orElse(code);
    }
}
