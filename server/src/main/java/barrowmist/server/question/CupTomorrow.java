package barrowmist.server.question;

import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import barrowmist.server.rest.RestViews.ShelfItem;
import barrowmist.server.rest.ShelfService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** What should be cupped tomorrow: what is rested then, and will not be for much longer. */
@Component
class CupTomorrow implements Question {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final ShelfService shelf;
    private final Clock clock;

    CupTomorrow(ShelfService shelf, Clock clock) {
        this.shelf = shelf;
        this.clock = clock;
    }

    @Override
    public String id() {
        return "cup-tomorrow";
    }

    @Override
    public String text() {
        return "What should be cupped tomorrow?";
    }

    @Override
    public List<String> filters() {
        return List.of("process");
    }

    @Override
    public AnswerView answer(Asked asked) {
        LocalDate tomorrow = LocalDate.now(clock).plusDays(1);
        Instant from = tomorrow.atStartOfDay(clock.getZone()).toInstant();
        Instant to = tomorrow.plusDays(1).atStartOfDay(clock.getZone()).toInstant();
        var view = shelf.shelf(null);
        List<ShelfItem> ready = view.items().stream()
                .filter(i -> i.opensAt().isBefore(to) && i.closesAt().isAfter(from))
                .filter(i -> asked.process() == null || i.process() == asked.process())
                .toList();
        return new AnswerView(
                id(),
                text(),
                ready.isEmpty()
                        ? "Nothing is rested by then."
                        : ready.size() + (ready.size() == 1 ? " sample." : " samples."),
                "By the styles of rest that are chosen on the shelf.",
                List.of("Sample", "Process", "Rested from", "At its best", "Until", "Bench"),
                ready.stream().map(this::row).toList(),
                List.of());
    }

    private AnswerRow row(ShelfItem i) {
        return new AnswerRow(
                "/rest",
                List.of(
                        i.lotName() + ", roast " + i.number(),
                        i.process().label(),
                        when(i.opensAt()),
                        when(i.bestAt()),
                        when(i.closesAt()),
                        i.verdict().label()));
    }

    private String when(Instant at) {
        return WHEN.format(at.atZone(clock.getZone()));
    }
}
