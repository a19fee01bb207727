package barrowmist.server.question;

import barrowmist.server.proof.ProofViews.ProofView;
import barrowmist.server.proof.RecordService;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Whether the changes that were put to the proof helped. */
@Component
class ChangesHelped implements Question {

    private final RecordService record;
    private final Clock clock;

    ChangesHelped(RecordService record, Clock clock) {
        this.record = record;
        this.clock = clock;
    }

    @Override
    public String id() {
        return "changes-helped";
    }

    @Override
    public String text() {
        return "Did the changes help?";
    }

    @Override
    public List<String> filters() {
        return List.of("from", "to");
    }

    @Override
    public AnswerView answer(Asked asked) {
        List<ProofView> all = record.newest().stream()
                .filter(s -> {
                    LocalDate day = LocalDate.ofInstant(s.laidAt(), clock.getZone());
                    return !day.isBefore(asked.from()) && !day.isAfter(asked.to());
                })
                .toList();
        long held = all.stream().filter(s -> "held".equals(s.outcome())).count();
        long estimates =
                all.stream().filter(s -> "estimate".equals(s.outcome())).count();
        long told = all.stream().filter(s -> s.outcome() != null).count();
        return new AnswerView(
                id(),
                text(),
                all.isEmpty()
                        ? "No change was put to the proof in that time."
                        : "%d of %d changes held, %d told by too few roasts; %d %s not revealed yet."
                                .formatted(
                                        held,
                                        told,
                                        estimates,
                                        all.size() - told,
                                        all.size() - told == 1 ? "is" : "are"),
                "Each by a blind table, old roasts beside new ones; how clear stands in its row.",
                List.of("Lot", "Against", "Change", "Outcome", "Shown", "Score"),
                all.stream().map(ChangesHelped::row).toList(),
                List.of());
    }

    private static AnswerRow row(ProofView s) {
        return new AnswerRow(
                "/trace/" + s.beforeId(),
                List.of(
                        s.lotName(),
                        s.label(),
                        s.change() == null ? "none that was planned" : s.change(),
                        s.outcome() == null ? "not revealed yet" : s.outcome().label(),
                        s.shown() == null ? "" : s.shown(),
                        s.scoreChange() == null ? "" : String.format(Locale.ROOT, "%+.2f", s.scoreChange())));
    }
}
