package barrowmist.server.trace;

import barrowmist.core.units.Wording;
import barrowmist.server.trace.TraceViews.TraceRow;
import barrowmist.server.trace.TraceViews.TraceView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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

    TraceController(TraceService traces, KeptFindings findings, FindingsRenewal renewal) {
        this.renewal = renewal;
        this.findings = findings;
        this.traces = traces;
    }

    /** Whether somebody is done with a trace. */
    record Settlement(boolean settled) {}

    @GetMapping("/api/traces")
    List<TraceRow> traces(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "500") int size) {
        renewal.renew();
        return findings.rows(page, size);
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

    @PutMapping("/api/roasts/{id}/trace/settled")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(@PathVariable long id, @RequestBody Settlement settlement) {
        traces.settle(id, settlement.settled());
    }
}
