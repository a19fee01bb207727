package barrowmist.server.report;

import barrowmist.core.units.Wording;
import barrowmist.server.paper.Paper;
import barrowmist.server.report.ReportViews.LabelSettings;
import barrowmist.server.report.ReportViews.LabelTextView;
import barrowmist.server.report.ReportViews.LotReport;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reports, in °C or °F. */
@RestController
class ReportController {

    private final LotReports lots;
    private final RoastReports roasts;
    private final LabelTexts labels;

    ReportController(LotReports lots, RoastReports roasts, LabelTexts labels) {
        this.labels = labels;
        this.lots = lots;
        this.roasts = roasts;
    }

    /** All that is told of a lot. */
    @GetMapping("/api/lots/{id}/report")
    LotReport report(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return lots.of(id, new Wording(fahrenheit, false));
    }

    /** The same on paper: what matters on one page, details after it. */
    @GetMapping(value = "/api/lots/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> page(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return Paper.answer("lot-" + id, lots.page(id, new Wording(fahrenheit, false)));
    }

    /** The facts for the supplier, against what was agreed and what was shown before. */
    @GetMapping(value = "/api/lots/{id}/claim.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> claim(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return Paper.answer("claim-" + id, lots.claim(id, new Wording(fahrenheit, false)));
    }

    /** Its roasts as a table. */
    @GetMapping(value = "/api/lots/{id}/report.csv", produces = "text/csv;charset=UTF-8")
    String csv(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return lots.csv(id, new Wording(fahrenheit, false));
    }

    /** One roast on paper. */
    @GetMapping(value = "/api/roasts/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> roast(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return Paper.answer("roast-" + id, roasts.roast(id, new Wording(fahrenheit, false)));
    }

    /** A table on paper, once it is revealed. */
    @GetMapping(value = "/api/cuppings/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> table(@PathVariable long id, @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return Paper.answer("table-" + id, roasts.table(id, new Wording(fahrenheit, false)));
    }

    /** What stands on a bag, from the cups and the house's own scales. */
    @GetMapping("/api/lots/{id}/label-text")
    LabelTextView label(@PathVariable long id, @RequestParam(required = false) @Nullable LocalDate roastedOn) {
        return labels.of(id, roastedOn);
    }

    @GetMapping("/api/label-settings")
    LabelSettings labelSettings() {
        return labels.settings();
    }

    @PutMapping("/api/label-settings")
    LabelSettings keep(@RequestBody LabelSettings changed) {
        return labels.keep(changed);
    }
}
