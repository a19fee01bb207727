package barrowmist.server.question;

import barrowmist.core.green.Process;
import barrowmist.core.units.CsvTable;
import barrowmist.core.units.Wording;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import barrowmist.server.question.QuestionViews.QuestionView;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class QuestionController {

    /** Without a day, the last six weeks are looked at. */
    private static final int LOOK_BACK_DAYS = 42;

    private final List<Question> questions;
    private final Clock clock;

    QuestionController(List<Question> questions, Clock clock) {
        this.questions =
                questions.stream().sorted(Comparator.comparing(Question::text)).toList();
        this.clock = clock;
    }

    /** What can be asked. */
    @GetMapping("/api/questions")
    List<QuestionView> questions() {
        return questions.stream()
                .map(q -> new QuestionView(q.id(), q.text(), q.filters()))
                .toList();
    }

    /** The answer, how sure it is, and the rows behind it. */
    @GetMapping("/api/questions/{id}")
    AnswerView answer(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam(required = false) @Nullable Long machineId,
            @RequestParam(required = false) @Nullable String supplier,
            @RequestParam(required = false) @Nullable Process process,
            @RequestParam(required = false) @Nullable String person,
            @RequestParam(required = false) @Nullable String cause,
            @RequestParam(defaultValue = "false") boolean fahrenheit) {
        LocalDate today = LocalDate.now(clock);
        return one(id).answer(new Asked(
                from == null ? today.minusDays(LOOK_BACK_DAYS) : from,
                to == null ? today : to,
                machineId,
                said(supplier),
                process,
                said(person),
                said(cause),
                new Wording(fahrenheit, false)));
    }

    /** Its rows as a table. */
    @GetMapping(value = "/api/questions/{id}/answer.csv", produces = "text/csv;charset=UTF-8")
    String csv(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam(required = false) @Nullable Long machineId,
            @RequestParam(required = false) @Nullable String supplier,
            @RequestParam(required = false) @Nullable Process process,
            @RequestParam(required = false) @Nullable String person,
            @RequestParam(required = false) @Nullable String cause,
            @RequestParam(defaultValue = "false") boolean fahrenheit) {
        AnswerView a = answer(id, from, to, machineId, supplier, process, person, cause, fahrenheit);
        return CsvTable.write(
                a.columns(), a.rows().stream().map(AnswerRow::cells).toList());
    }

    private static @Nullable String said(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    private Question one(String id) {
        return questions.stream()
                .filter(q -> q.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("question", id));
    }
}
