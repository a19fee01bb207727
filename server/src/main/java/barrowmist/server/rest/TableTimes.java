package barrowmist.server.rest;

import barrowmist.core.rest.Rest;
import barrowmist.core.sample.BenchJudgement;
import barrowmist.server.rest.RestViews.ShelfItem;
import barrowmist.server.rest.RestViews.ShelfView;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** When the cupping table opens and closes next. */
@Service
public class TableTimes {

    private final ShelfService shelf;

    TableTimes(ShelfService shelf) {
        this.shelf = shelf;
    }

    /** A moment of the table, and the samples it is about. */
    public record TableMoment(String title, Instant at, List<String> samples) {}

    /** What is open until when, and what opens when; samples that are to be roasted again are not waited for. */
    public List<TableMoment> next() {
        ShelfView now = shelf.shelf(null);
        List<ShelfItem> wanted = now.items().stream()
                .filter(i -> i.verdict() != BenchJudgement.Verdict.ROAST_AGAIN)
                .toList();
        List<TableMoment> out = new ArrayList<>();
        add(out, "closes for the first of ", of(wanted, Rest.State.BEST, Rest.State.OPEN), ShelfItem::closesAt);
        add(out, "opens for the first of ", of(wanted, Rest.State.RESTING), ShelfItem::opensAt);
        return out;
    }

    private static List<ShelfItem> of(List<ShelfItem> items, Rest.State... states) {
        return items.stream().filter(i -> List.of(states).contains(i.state())).toList();
    }

    private static void add(
            List<TableMoment> out, String does, List<ShelfItem> items, Function<ShelfItem, Instant> when) {
        items.stream().map(when).min(Comparator.naturalOrder()).ifPresent(at -> {
            String title = items.size() == 1
                    ? "The table " + does.substring(0, does.indexOf(' ')) + " for 1 sample"
                    : "The table " + does + items.size() + " samples";
            out.add(new TableMoment(
                    title,
                    at,
                    items.stream()
                            .map(i -> i.lotName() + ", roast " + i.number())
                            .toList()));
        });
    }
}
