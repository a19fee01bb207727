package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.units.Wording;
import barrowmist.server.trace.TraceViews.TraceView;
import barrowmist.server.web.InputProblems;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TraceController {

    private final TraceService traces;

    private final KeptFindings findings;
    private final FindingsRenewal renewal;
    private final VerdictService verdicts;
    private final NextRoastService next;
    private final JudgedFirst first;

    TraceController(
            TraceService traces,
            KeptFindings findings,
            FindingsRenewal renewal,
            VerdictService verdicts,
            NextRoastService next,
            JudgedFirst first) {
        this.first = first;
        this.verdicts = verdicts;
        this.next = next;
        this.renewal = renewal;
        this.findings = findings;
        this.traces = traces;
    }

    /** What the lead holds of a cup, with a word why. */
    record VerdictEntry(
            @Schema(example = "baked") @Nullable String cause,

            @Schema(example = "Flat beside the sound one.") @Nullable
            String reason) {}

    /** Whose change is to be planned; that of the likeliest supported cause when it is left out. */
    record NextEntry(@Schema(example = "baked") @Nullable String cause) {}

    /** A plan that was begun. */
    record NextView(long planId) {}

    /** Whether a cup is to be judged first. */
    record JudgeFirstView(boolean first) {}

    /** Whether somebody is done with a trace. */
    record Settlement(boolean settled) {}

    /**
     * Cupped roasts with their strongest finding, newest first.
     *
     * @param word that their cups were given
     * @param cause of their strongest finding
     * @param least final score at least
     * @param most final score at most
     */
    @GetMapping("/api/traces")
    List<TraceRow> traces(
            @RequestParam(required = false) @Nullable String word,
            @RequestParam(required = false) @Nullable Cause cause,
            @RequestParam(required = false) @Nullable Double least,
            @RequestParam(required = false) @Nullable Double most,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "500") int size) {
        renewal.renew();
        boolean all = word == null && cause == null && least == null && most == null;
        return all
                ? findings.rows(page, size)
                : findings.found(
                        new KeptFindings.TasteSought(word, cause == null ? null : cause.code(), least, most),
                        page,
                        size);
    }

    /** How far traces that a change of rules, limits or references has marked are worked out anew. */
    @GetMapping("/api/traces/renewal")
    FindingsRenewal.RenewalView renewal() {
        renewal.renew();
        return renewal.progress();
    }

    /**
     * @param fahrenheit whether the sentences speak °F; figures stay °C
     * @param per30s whether the sentences give rates for 30 s
     */
    @GetMapping("/api/roasts/{id}/trace")
    TraceView trace(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s) {
        return traces.trace(id, new Wording(fahrenheit, per30s));
    }

    @PutMapping("/api/roasts/{id}/trace/verdict")
    VerdictView verdict(@PathVariable long id, @RequestBody VerdictEntry entry) {
        return verdicts.give(
                id, entry.cause(), entry.reason(), traces.traced(id).first());
    }

    @PostMapping("/api/roasts/{id}/trace/plan")
    @ResponseStatus(HttpStatus.CREATED)
    NextView plan(@PathVariable long id, @RequestBody(required = false) @Nullable NextEntry entry) {
        String cause = entry == null ? null : entry.cause();
        return new NextView(next.plan(
                id,
                traces.traced(id),
                cause == null
                        ? null
                        : Cause.parse(cause)
                                .orElseThrow(() -> new InputProblems(
                                        "cause", "cause is " + cause + ", which is none of the trace's"))));
    }

    /** Whether this cup is to be judged before its answer is read. */
    @GetMapping("/api/roasts/{id}/trace/judge-first")
    JudgeFirstView judgeFirst(@PathVariable long id) {
        return new JudgeFirstView(first.waits(id));
    }

    /** Somebody reads the answer without a verdict. */
    @PutMapping("/api/roasts/{id}/trace/shown")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void shown(@PathVariable long id) {
        first.read(id);
    }

    /** What share of the cups is drawn to be judged before the answer is read. */
    @GetMapping("/api/judge-first")
    JudgedFirst.Share share() {
        return first.share();
    }

    @PutMapping("/api/judge-first")
    JudgedFirst.Share share(@RequestBody JudgedFirst.Share asked) {
        return first.keep(asked);
    }

    @PutMapping("/api/roasts/{id}/trace/settled")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(@PathVariable long id, @RequestBody Settlement settlement) {
        verdicts.settle(id, settlement.settled());
    }
}
