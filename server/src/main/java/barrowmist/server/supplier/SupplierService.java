package barrowmist.server.supplier;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.decision.Outcome;
import barrowmist.core.decision.SupplierRecord;
import barrowmist.core.decision.SupplierRecord.Compared;
import barrowmist.core.decision.SupplierRecord.Overall;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.decision.DecisionViews.DueLot;
import barrowmist.server.decision.DueLots;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.supplier.SupplierViews.SupplierLot;
import barrowmist.server.supplier.SupplierViews.SupplierRow;
import barrowmist.server.supplier.SupplierViews.SupplierView;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A supplier over time. What is blind stays so: only told sheets are read. */
@Service
@Transactional(readOnly = true)
public class SupplierService {

    private final LotService lots;
    private final StagesCompared stages;
    private final DueLots decisions;
    private final CuppedSheets sheets;
    private final Clock clock;

    SupplierService(LotService lots, StagesCompared stages, DueLots decisions, CuppedSheets sheets, Clock clock) {
        this.lots = lots;
        this.stages = stages;
        this.decisions = decisions;
        this.sheets = sheets;
        this.clock = clock;
    }

    /** By name. */
    List<SupplierRow> list() {
        Map<String, List<DueLot>> by = decisions.due(null).stream()
                .collect(Collectors.groupingBy(DueLot::supplier, TreeMap::new, Collectors.toList()));
        return by.entrySet().stream()
                .map(e -> new SupplierRow(
                        e.getKey(),
                        e.getValue().size(),
                        count(e.getValue(), Outcome.BUY),
                        count(e.getValue(), Outcome.REJECT),
                        count(e.getValue(), Outcome.CLAIM),
                        (int) e.getValue().stream().filter(DueLot::open).count()))
                .toList();
    }

    private static int count(List<DueLot> of, Outcome outcome) {
        return (int) of.stream().filter(l -> l.outcome().equals(outcome.code())).count();
    }

    /** @throws NotFound if no lot is of this supplier */
    SupplierView of(String supplier) {
        List<LotView> own = own(supplier);
        Map<Long, DueLot> decided =
                decisions.due(null).stream().collect(Collectors.toMap(DueLot::lotId, Function.identity()));
        List<Compared> compared = comparison(supplier);
        List<SupplierLot> views = own.stream()
                .map(l -> lot(l, Objects.requireNonNull(decided.get(l.id()))))
                .toList();
        OptionalDouble days = views.stream()
                .map(SupplierLot::daysToDecide)
                .filter(Objects::nonNull)
                .mapToLong(Long::longValue)
                .average();
        return new SupplierView(
                own.get(0).supplier(),
                views,
                days.isPresent() ? days.getAsDouble() : null,
                SupplierRecord.overall(compared),
                compared);
    }

    /** A figure over all lots of a supplier. */
    public record Told(String supplier, Overall overall) {}

    /** Each figure of each supplier of whom a lot has both stages. */
    public List<Told> overall() {
        return list().stream()
                .flatMap(r ->
                        SupplierRecord.overall(comparison(r.name())).stream().map(o -> new Told(r.name(), o)))
                .toList();
    }

    private List<LotView> own(String supplier) {
        List<LotView> own = lots.all().stream()
                .filter(l -> l.supplier().equalsIgnoreCase(supplier.strip()))
                .sorted(Comparator.comparing(LotView::arrivalDate).reversed())
                .toList();
        if (own.isEmpty()) {
            throw new NotFound("supplier", supplier);
        }
        return own;
    }

    private SupplierLot lot(LotView lot, DueLot decided) {
        OptionalDouble score = sheets.ofLot(lot.id(), CupUse.SUPPLIER).scores().mean();
        Long days = decided.decidedAt() == null || decided.open()
                ? null
                : ChronoUnit.DAYS.between(lot.arrivalDate(), LocalDate.ofInstant(decided.decidedAt(), clock.getZone()));
        return new SupplierLot(
                lot.id(),
                lot.name(),
                lot.arrivalDate(),
                lot.kg(),
                decided.outcome(),
                decided.label(),
                score.isPresent() ? score.getAsDouble() : null,
                days);
    }

    /** Each figure of each lot that was measured before it came and after, the newest lot first. */
    List<Compared> comparison(String supplier) {
        return own(supplier).stream().flatMap(l -> stages.of(l).stream()).toList();
    }
}
