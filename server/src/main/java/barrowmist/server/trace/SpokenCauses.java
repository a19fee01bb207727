package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.Finding.Standing;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the cup of a roast is held to come from, for those who go on from there. */
@Service
@Transactional(readOnly = true)
public class SpokenCauses {

    private final TraceService traces;
    private final VerdictService verdicts;

    SpokenCauses(TraceService traces, VerdictService verdicts) {
        this.traces = traces;
        this.verdicts = verdicts;
    }

    /**
     * A cause that is spoken of.
     *
     * @param cause empty for a cup that nothing is held against
     * @param held whether the lead said so; else it is the program's finding, traced now
     * @param borneOut whether something beside the cup bears it out, or the lead says so
     */
    public record Spoken(Optional<Cause> cause, boolean held, boolean borneOut) {}

    /** By the lead's verdict where there is one, else by a finding that the cup speaks for. */
    public Spoken of(long roastId) {
        Optional<String> held = verdicts.held(roastId);
        if (held.isPresent()) {
            return new Spoken(held.flatMap(Cause::parse), true, true);
        }
        Optional<Finding> said = traces.traced(roastId).findings().stream()
                .findFirst()
                .filter(f -> f.standing().cupSpeaks());
        return new Spoken(
                said.map(Finding::cause),
                false,
                said.filter(f -> f.standing() == Standing.SUPPORTED).isPresent());
    }
}
