package barrowmist.server.cupping;

import barrowmist.core.units.Wording;
import barrowmist.server.cupping.HistoryViews.CupperView;
import barrowmist.server.cupping.HistoryViews.HistoryView;
import barrowmist.server.cupping.PreparationViews.PreparationView;
import barrowmist.server.paper.Paper;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What stands around a table: its preparation sheet, labels, forms to print; and how cuppers have scored. */
@RestController
@RequestMapping("/api")
class PaperController {

    private static final String PDF = "application/pdf";

    private final PreparationService preparations;
    private final PrintService prints;
    private final HistoryService histories;

    PaperController(PreparationService preparations, PrintService prints, HistoryService histories) {
        this.preparations = preparations;
        this.prints = prints;
        this.histories = histories;
    }

    /** What to weigh, grind and pour; of a blind table that is a look at the key. */
    @GetMapping("/cuppings/{id}/preparation")
    PreparationView preparation(
            @PathVariable long id,
            @RequestParam(defaultValue = "") List<String> words,
            @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return preparations.sheet(id, words, new Wording(fahrenheit, false));
    }

    @GetMapping(value = "/cuppings/{id}/preparation.pdf", produces = PDF)
    ResponseEntity<byte[]> preparationPdf(
            @PathVariable long id,
            @RequestParam(defaultValue = "") List<String> words,
            @RequestParam(defaultValue = "false") boolean fahrenheit) {
        return Paper.answer(
                "preparation-" + id, prints.preparation(preparations.sheet(id, words, new Wording(fahrenheit, false))));
    }

    /** Labels for the cups, shuffled, with nothing on them that tells. */
    @GetMapping(value = "/cuppings/{id}/labels.pdf", produces = PDF)
    ResponseEntity<byte[]> labels(@PathVariable long id) {
        return Paper.answer("labels-" + id, prints.labels(id));
    }

    /** Forms to write on: empty before the reveal, after it as they were filled. */
    @GetMapping(value = "/cuppings/{id}/forms.pdf", produces = PDF)
    ResponseEntity<byte[]> forms(@PathVariable long id) {
        return Paper.answer("forms-" + id, prints.forms(id));
    }

    @GetMapping("/cuppers")
    List<CupperView> cuppers() {
        return histories.cuppers();
    }

    @GetMapping("/cuppers/{name}/history")
    HistoryView history(@PathVariable String name) {
        return histories.history(name);
    }
}
