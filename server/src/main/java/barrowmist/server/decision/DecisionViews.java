package barrowmist.server.decision;

import barrowmist.core.decision.Outcome;
import barrowmist.core.decision.Proposal;
import barrowmist.core.decision.Reason;
import barrowmist.core.decision.Unknown;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Decisions on the wire. */
public final class DecisionViews {

    private DecisionViews() {}

    /**
     * A decision as it is entered: outcome and reason are wanted.
     *
     * @param version of the decision that it was made from; one that names none is taken
     */
    public record DecisionEntry(
            @Nullable Outcome outcome,

            @Schema(example = "single origin, filter") @Nullable
            String use,

            @Schema(example = "Clean and lively in both roasts") @Nullable
            String reason,

            @Nullable LocalDate dueOn,
            @Nullable Long version) {}

    /** What the program would do, and why; never a verdict. */
    public record ProposalView(Outcome outcome, String label, List<Reason> reasons) {

        static ProposalView of(Proposal p) {
            return new ProposalView(p.outcome(), p.outcome().label(), p.reasons());
        }
    }

    /** What was decided, by whom, when and why, and what the program proposed then. */
    public record DecidedView(
            String outcome,
            String label,
            @Nullable String use,
            String reason,
            @Nullable LocalDate dueOn,
            String proposed,
            String by,
            Instant at) {

        static DecidedView of(DecisionEntity d) {
            return new DecidedView(
                    d.outcome(),
                    labelOf(d.outcome()),
                    d.usage(),
                    d.reason(),
                    d.dueOn(),
                    d.proposed(),
                    d.decidedBy(),
                    d.decidedAt());
        }
    }

    /**
     * The quickest way to something that is not known.
     *
     * @param text a sentence
     * @param station where it is done
     * @param id of the sample at the station {@code green}, of the lot at {@code plan}, of a roast at {@code cupping}
     * @param minutes about how long it takes
     */
    public record Way(String text, String station, long id, int minutes) {

        /** @param stage of the newest sample, in running text */
        static Way to(Unknown what, String stage, long id) {
            return new Way(what.text(stage), what.station(), id, what.minutes());
        }
    }

    /**
     * The decision on a lot.
     *
     * @param outcome {@code undecided} while nobody has decided
     * @param dueOn when it is to be decided, or looked at again
     * @param missing what is not known yet, a sentence each
     * @param ways the same, each with the quickest way to it
     * @param history all that was decided, the one that holds first
     */
    public record DecisionView(
            long lotId,
            String lotName,
            String outcome,
            @Nullable String use,
            @Nullable String reason,
            @Nullable LocalDate dueOn,
            ProposalView proposal,
            List<String> missing,
            List<Way> ways,
            long version,
            List<DecidedView> history) {}

    /**
     * A lot in the list of what is to be decided.
     *
     * @param open whether somebody has to come back to it
     */
    public record DueLot(
            long lotId,
            String lotName,
            String supplier,
            String outcome,
            String label,
            boolean open,
            @Nullable LocalDate dueOn,
            @Nullable Instant decidedAt,
            List<String> missing) {}

    static String labelOf(String outcome) {
        return Outcome.parse(outcome).map(Outcome::label).orElse(outcome);
    }
}
