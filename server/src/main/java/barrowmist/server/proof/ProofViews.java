package barrowmist.server.proof;

import barrowmist.core.check.Coded;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Proof;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Proofs on the wire. */
public final class ProofViews {

    private ProofViews() {}

    /**
     * What is to be proven.
     *
     * @param before further roasts that were made the old way; those of the same plan when it is left out
     * @param after roasts with the change; those that followed its plan, else the newest, when it is left out
     * @param cause the cause; that of the plan, else the likeliest, when it is left out
     */
    record ProofEntry(
            @Schema(example = "[3, 4]") @Nullable List<Long> before,
            @Schema(example = "[5, 6, 7]") @Nullable List<Long> after,
            @Schema(example = "baked") @Nullable String cause) {

        static final ProofEntry LEFT_OUT = new ProofEntry(null, null, null);
    }

    /** A table that was laid. */
    record LaidProof(long cuppingId) {}

    /**
     * One change put to the proof.
     *
     * @param change what was changed, a sentence; left out where the new roast followed no plan of this trace
     * @param outcome left out until its table is revealed
     * @param shown the counts in a sentence, and how clear they are
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

            Proof.@Nullable Outcome outcome,

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
                    Coded.find(Proof.Outcome.class, p.outcome()).orElse(null),
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

    /**
     * Another roast of the lot, that may have been made the old way.
     *
     * @param samePlan whether it followed the same plan
     */
    record OtherRoast(long roastId, int number, Instant roastedAt, boolean samePlan) {}

    /** A plan that changes one thing of a roast. */
    record PlannedChange(long planId, String change) {}

    /**
     * What may be proven of a roast, and what was.
     *
     * @param plans made of its trace, the newest first
     * @param others roasts of the lot that no plan of its trace was followed by: they may have been made the same way
     * @param batches roasts of each side from which on a change can be confirmed
     */
    record ProofsView(
            List<PlannedChange> plans,
            List<OtherRoast> others,
            List<LaterRoast> later,
            int batches,
            List<ProofView> proofs) {}

    /** Of one kind of change at one roaster: what came of it, by cause. */
    record ChangeTally(
            String machineName, String label, String change, int held, int estimate, int notShown, int worse) {}

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
     * @param how the same apart, by how one came to know what was so
     */
    record RecordView(
            int judged,
            int right,
            List<SaidOf> how,
            List<SaidOf> causes,
            List<OddsBand> odds,
            List<ChangeTally> changes,
            List<ProofView> proofs) {}

    static String labelOf(String code) {
        return Cause.parse(code).map(Cause::label).orElse(code);
    }
}
