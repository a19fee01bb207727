package barrowmist.server.proof;

import barrowmist.core.trace.BlindProof;
import barrowmist.server.web.InputProblems;
import jakarta.persistence.Embeddable;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The roasts that were laid.
 *
 * @param before made the old way; the first is the one that was traced
 * @param after made with the change; the first is the one that followed the plan
 */
record ProofSides(List<Long> before, List<Long> after) {
    /** @throws InputProblems if a roast is on both sides, or there are more than can be told */
    void refuseIfImpossible() {
        refuseTooMany("before", before);
        refuseTooMany("after", after);
        if (before.stream().anyMatch(after::contains)) {
            throw new InputProblems("before", "A roast is made the old way or with the change, and not both");
        }
    }

    private static void refuseTooMany(String field, List<Long> roasts) {
        if (roasts.size() > BlindProof.MOST_BATCHES) {
            throw new InputProblems(
                    field,
                    "There are " + roasts.size() + " roasts on one side, at most " + BlindProof.MOST_BATCHES
                            + " are laid: untick some");
        }
    }

    List<Long> all() {
        return Stream.concat(before.stream(), after.stream()).toList();
    }

    Set<Batch> batches() {
        return Stream.concat(
                        before.stream().map(id -> new Batch(id, false)),
                        after.stream().map(id -> new Batch(id, true)))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** A roast on its table, made the old way or with the change. */
    @Embeddable
    record Batch(long roastId, boolean changed) {}
}
