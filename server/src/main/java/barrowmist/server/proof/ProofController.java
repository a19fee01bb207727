package barrowmist.server.proof;

import barrowmist.server.proof.ProofViews.LaidProof;
import barrowmist.server.proof.ProofViews.ProofEntry;
import barrowmist.server.proof.ProofViews.ProofsView;
import barrowmist.server.proof.ProofViews.RecordView;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ProofController {

    private final ProofService proofs;
    private final RecordService record;

    ProofController(ProofService proofs, RecordService record) {
        this.proofs = proofs;
        this.record = record;
    }

    /** What may be proven of a roast, and what was; the newest first. */
    @GetMapping("/api/roasts/{id}/trace/proofs")
    ProofsView proofs(@PathVariable long id) {
        return record.of(id);
    }

    /** Lays the blind table of old roasts beside later ones. */
    @PostMapping("/api/roasts/{id}/trace/proof")
    @ResponseStatus(HttpStatus.CREATED)
    LaidProof lay(@PathVariable long id, @RequestBody(required = false) @Nullable ProofEntry entry) {
        return new LaidProof(proofs.lay(id, entry == null ? ProofEntry.LEFT_OUT : entry));
    }

    /** What the program said, with which odds, and what was judged or proven since. */
    @GetMapping("/api/trace-record")
    RecordView record() {
        return record.record();
    }
}
