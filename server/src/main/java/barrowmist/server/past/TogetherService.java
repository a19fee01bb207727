package barrowmist.server.past;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.CupFacts;
import barrowmist.core.trace.Together;
import barrowmist.core.trace.Together.Cupped;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.green.LotService;
import barrowmist.server.past.PastViews.TogetherView;
import barrowmist.server.trace.KeptFindings;
import barrowmist.server.trace.RuleService;
import barrowmist.server.trace.TraceRow;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Traces a whole lot, and a whole table. */
@Service
@Transactional(readOnly = true)
public class TogetherService {

    /** Standings of a finding that the cup speaks for. */
    private static final Set<String> SAID = Set.of("supported", "unexplained");

    private final CuppedSheets sheets;
    private final LotService lots;
    private final KeptFindings findings;
    private final RuleService rules;

    TogetherService(CuppedSheets sheets, LotService lots, KeptFindings findings, RuleService rules) {
        this.sheets = sheets;
        this.lots = lots;
        this.findings = findings;
        this.rules = rules;
    }

    /** All cupped roasts of a lot. */
    TogetherView lot(long lotId) {
        lots.get(lotId);
        return view(said(sheets.ofLot(lotId, CupUse.TRACE).byRoast()), Together::ofLot);
    }

    /** The roasts of a table, by what was said at that table; empty until it is revealed. */
    TogetherView table(long cuppingId) {
        return view(sheets.ofTable(cuppingId, CupUse.TRACE).allByRoast(), Together::ofTable);
    }

    private static Map<Long, List<CuppingSheet>> said(Map<Long, List<ToldSheet>> byRoast) {
        Map<Long, List<CuppingSheet>> out = new LinkedHashMap<>();
        byRoast.forEach(
                (id, of) -> out.put(id, of.stream().map(ToldSheet::sheet).toList()));
        return out;
    }

    private TogetherView view(
            Map<Long, List<CuppingSheet>> cupped, BiFunction<Together, List<Cupped>, Optional<String>> says) {
        Map<Long, TraceRow> rows =
                findings.of(cupped.keySet()).stream().collect(Collectors.toMap(TraceRow::roastId, Function.identity()));
        List<Cupped> all = new ArrayList<>();
        cupped.forEach((id, of) -> all.add(new Cupped(CupFacts.of(of), cause(rows.get(id)))));
        Together together = new Together(rules.current().rules());
        return TogetherView.of(
                cupped.keySet().stream()
                        .map(rows::get)
                        .filter(java.util.Objects::nonNull)
                        .toList(),
                together.words(all),
                together.causes(all),
                all.size(),
                says.apply(together, all));
    }

    private static Optional<Cause> cause(@Nullable TraceRow row) {
        return row == null || row.cause() == null || row.standing() == null || !SAID.contains(row.standing())
                ? Optional.empty()
                : Cause.parse(row.cause());
    }
}
