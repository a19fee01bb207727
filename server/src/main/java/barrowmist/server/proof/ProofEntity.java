package barrowmist.server.proof;

import barrowmist.core.trace.Proof;
import barrowmist.core.trace.Traced;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.web.Optionals;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** One change put to the proof on a blind table. */
@Entity
@Table(name = "trace_proof")
class ProofEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long beforeId;
    private long afterId;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "trace_proof_batch", joinColumns = @JoinColumn(name = "proof_id"))
    private Set<ProofSides.Batch> batches;

    private long cuppingId;
    private String cause;
    private @Nullable String changed;
    private @Nullable Double changedFrom;
    private @Nullable Double changedTo;
    private @Nullable String unit;
    private @Nullable String changeText;
    private String said;
    private double saidOdds;
    private String laidBy;
    private Instant laidAt;
    private @Nullable String outcome;
    private @Nullable Double scoreChange;
    private @Nullable String shown;
    private @Nullable Instant toldAt;

    protected ProofEntity() {}

    /** A table that was laid for it, by whom and when. */
    record Laid(long table, String by, Instant at) {}

    /**
     * @param said what the program named first of the old roast
     * @param what the planned change; left out where the new roast followed no plan of this trace
     */
    ProofEntity(ProofSides sides, String cause, Traced.Answer said, @Nullable ChangedView what, Laid laid) {
        this.cuppingId = laid.table;
        this.laidBy = laid.by;
        this.laidAt = laid.at;
        this.beforeId = sides.before().get(0);
        this.afterId = sides.after().get(0);
        this.batches = sides.batches();
        this.cause = cause;
        this.said = said.code();
        this.saidOdds = said.odds();
        if (what != null) {
            changeText = what.text();
            changed = what.change();
            changedFrom = what.from();
            changedTo = what.to();
            unit = what.unit();
        }
    }

    /** The roasts of one side. */
    List<Long> roasts(boolean changed) {
        return batches.stream()
                .filter(b -> b.changed() == changed)
                .map(ProofSides.Batch::roastId)
                .sorted()
                .toList();
    }

    /** Whether these are its roasts. */
    boolean is(ProofSides sides) {
        return batches.equals(sides.batches());
    }

    /** Keeps what the table showed; true when it shows it for the first time. */
    boolean shows(Proof proof, Instant at) {
        boolean first = outcome == null;
        outcome = proof.outcome().code();
        scoreChange = Optionals.orNull(proof.scoreChange());
        shown = proof.text();
        toldAt = first ? at : toldAt;
        return first;
    }

    /** The kind of change and its way: those of one kind are counted together. */
    @Nullable
    String kind() {
        return changed == null || changedFrom == null || changedTo == null
                ? null
                : changed + (changedTo >= changedFrom ? " up" : " down");
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    long beforeId() {
        return beforeId;
    }

    long afterId() {
        return afterId;
    }

    long cuppingId() {
        return cuppingId;
    }

    String cause() {
        return cause;
    }

    @Nullable
    String changed() {
        return changed;
    }

    @Nullable
    Double changedFrom() {
        return changedFrom;
    }

    @Nullable
    Double changedTo() {
        return changedTo;
    }

    @Nullable
    String unit() {
        return unit;
    }

    @Nullable
    String changeText() {
        return changeText;
    }

    String said() {
        return said;
    }

    double saidOdds() {
        return saidOdds;
    }

    String laidBy() {
        return laidBy;
    }

    Instant laidAt() {
        return laidAt;
    }

    @Nullable
    String outcome() {
        return outcome;
    }

    @Nullable
    Double scoreChange() {
        return scoreChange;
    }

    @Nullable
    String shown() {
        return shown;
    }

    @Nullable
    Instant toldAt() {
        return toldAt;
    }
}
