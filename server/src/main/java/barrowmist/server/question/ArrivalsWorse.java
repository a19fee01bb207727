package barrowmist.server.question;

import barrowmist.core.decision.SupplierRecord;
import barrowmist.server.question.QuestionViews.AnswerBar;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import barrowmist.server.supplier.SupplierService;
import barrowmist.server.supplier.SupplierService.Told;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriUtils;

/** Whose arrivals are worse than the samples that they sent before. */
@Component
class ArrivalsWorse implements Question {

    private final SupplierService suppliers;

    ArrivalsWorse(SupplierService suppliers) {
        this.suppliers = suppliers;
    }

    @Override
    public String id() {
        return "arrivals-worse";
    }

    @Override
    public String text() {
        return "Whose arrivals differ from their samples?";
    }

    @Override
    public List<String> filters() {
        return List.of("supplier");
    }

    @Override
    public AnswerView answer(Asked asked) {
        List<Told> all = suppliers.overall().stream()
                .filter(t -> asked.supplier() == null || t.supplier().equals(asked.supplier()))
                .toList();
        List<Told> sure = all.stream().filter(t -> t.overall().sure()).toList();
        String named = sure.stream()
                .map(t -> t.supplier() + " (" + t.overall().figure().toLowerCase(Locale.ROOT) + ")")
                .collect(Collectors.joining(", "));
        return new AnswerView(
                id(),
                text(),
                sure.isEmpty() ? "Nobody's, as far as so few lots can tell." : "More than chance: " + named + ".",
                String.format(
                        Locale.ROOT,
                        "Over lots with both stages measured or cupped, by a paired test at %.0f %%; one lot says nothing.",
                        100 * SupplierRecord.BY_CHANCE),
                List.of("Supplier", "Figure", "Lots", "Mean difference", "In words"),
                all.stream().map(ArrivalsWorse::row).toList(),
                all.stream()
                        .filter(t -> t.overall().figure().equals("Score"))
                        .map(t -> new AnswerBar(
                                t.supplier(),
                                t.overall().mean(),
                                String.format(Locale.ROOT, "%+.2f", t.overall().mean())))
                        .toList());
    }

    private static AnswerRow row(Told t) {
        return new AnswerRow(
                "/decision/suppliers/" + UriUtils.encodePathSegment(t.supplier(), StandardCharsets.UTF_8),
                List.of(
                        t.supplier(),
                        t.overall().figure(),
                        Integer.toString(t.overall().lots()),
                        String.format(Locale.ROOT, "%+.2f", t.overall().mean()),
                        t.overall().text()));
    }
}
