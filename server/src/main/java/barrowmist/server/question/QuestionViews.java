package barrowmist.server.question;

import barrowmist.core.green.Process;
import barrowmist.core.units.Wording;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Questions and answers on the wire. */
final class QuestionViews {

    private QuestionViews() {}

    /**
     * A question that can be asked.
     *
     * @param filters what its answer can be narrowed by
     */
    record QuestionView(@Schema(example = "tasted-crashes") String id, String question, List<String> filters) {}

    /** A row behind an answer, with the page that it leads to. */
    record AnswerRow(@Nullable String link, List<String> cells) {}

    /** A bar of the chart, where a chart says more. */
    record AnswerBar(String name, double value, String text) {}

    /**
     * An answer.
     *
     * @param answer a sentence
     * @param sure how sure it is, a sentence
     */
    record AnswerView(
            String id,
            String question,
            String answer,
            String sure,
            List<String> columns,
            List<AnswerRow> rows,
            List<AnswerBar> bars) {}

    /**
     * What the answer is narrowed by; each may be left out.
     *
     * @param from first day
     * @param to last day
     * @param person who roasted it
     * @param wording how temperatures are written
     */
    record Asked(
            LocalDate from,
            LocalDate to,
            @Nullable Long machineId,
            @Nullable String supplier,
            @Nullable Process process,
            @Nullable String person,
            @Nullable String cause,
            Wording wording) {}
}
