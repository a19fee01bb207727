package barrowmist.server.question;

import barrowmist.server.decision.DecisionViews.DueLot;
import barrowmist.server.decision.DueLots;
import barrowmist.server.decision.HouseRules;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Which lots must be decided this week. */
@Component
class LotsDue implements Question {

    private final DueLots due;
    private final HouseRules house;
    private final Clock clock;

    LotsDue(DueLots due, HouseRules house, Clock clock) {
        this.house = house;
        this.due = due;
        this.clock = clock;
    }

    @Override
    public String id() {
        return "lots-due";
    }

    @Override
    public String text() {
        return "Which lots must be decided this week?";
    }

    @Override
    public List<String> filters() {
        return List.of("supplier");
    }

    @Override
    public AnswerView answer(Asked asked) {
        LocalDate today = LocalDate.now(clock);
        List<DueLot> all = due.due(due.soonEnds()).stream()
                .filter(l -> asked.supplier() == null || l.supplier().equals(asked.supplier()))
                .toList();
        long over = all.stream()
                .filter(l -> Objects.requireNonNull(l.dueOn()).isBefore(today))
                .count();
        return new AnswerView(
                id(),
                text(),
                all.isEmpty()
                        ? "None."
                        : "%d %s; %d of them over.".formatted(all.size(), all.size() == 1 ? "lot" : "lots", over),
                "By the day that somebody set, else by the contract or the house's %d days after the arrival."
                        .formatted(house.now().daysToDecide()),
                List.of("Lot", "Supplier", "Due", "Stands at", "Missing"),
                all.stream()
                        .map(l -> new AnswerRow(
                                "/decision/" + l.lotId(),
                                List.of(
                                        l.lotName(),
                                        l.supplier(),
                                        String.valueOf(l.dueOn()),
                                        l.label(),
                                        String.join(", ", l.missing()))))
                        .toList(),
                List.of());
    }
}
