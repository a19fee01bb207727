package barrowmist.server.decision;

import barrowmist.core.decision.DecisionRules;
import barrowmist.core.decision.Outcome;
import barrowmist.server.decision.DecisionRepository.Open;
import barrowmist.server.decision.DecisionViews.DueLot;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenViews.GreenSampleView;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.store.ContractService;
import barrowmist.server.store.ContractService.Every;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which lots wait for a decision, and until when. */
@Service
@Transactional(readOnly = true)
public class DueLots {

    private final DecisionRepository decisions;
    private final LotService lots;
    private final GreenSampleService samples;
    private final ContractService contracts;
    private final HouseRules house;
    private final Clock clock;

    DueLots(
            DecisionRepository decisions,
            LotService lots,
            GreenSampleService samples,
            ContractService contracts,
            HouseRules house,
            Clock clock) {
        this.house = house;
        this.contracts = contracts;
        this.clock = clock;
        this.decisions = decisions;
        this.lots = lots;
        this.samples = samples;
    }

    /** When a lot is to be decided that nobody has set a day for. */
    private static LocalDate usually(LocalDate arrival, DecisionRules rules) {
        return arrival.plusDays(rules.daysToDecide());
    }

    private static Waiting waiting(Open o, DecisionRules rules) {
        return o.dueOn() == null
                ? new Waiting(o.lotId(), o.lotName(), usually(o.arrivalDate(), rules), false)
                : new Waiting(o.lotId(), o.lotName(), o.dueOn(), true);
    }

    /**
     * A lot that waits, with its day.
     *
     * @param set whether somebody set that day
     */
    public record Waiting(long lotId, String lotName, LocalDate dueOn, boolean set) {}

    /**
     * Lots that wait and are due before a day, the most urgent first; by their names alone. One that nobody set a day for and that
     * was due long ago is history, and waits for nobody.
     */
    public List<Waiting> waiting(LocalDate before) {
        DecisionRules rules = house.now();
        LocalDate history = LocalDate.now(clock).minusDays(rules.historyDays());
        Every agreed = contracts.every();
        return decisions.open(endings()).stream()
                .map(o -> waiting(o, agreed.of(o.lotId(), o.supplier()).rules(rules)))
                .filter(w -> w.set() || w.dueOn().isAfter(history))
                .filter(w -> w.dueOn().isBefore(before))
                .sorted(Comparator.comparing(Waiting::dueOn))
                .toList();
    }

    /** Lots that wait and are due soon, or over. */
    public List<Waiting> soon() {
        return waiting(soonEnds());
    }

    /** The first day that is not soon any more. */
    public LocalDate soonEnds() {
        return LocalDate.now(clock).plusDays(house.now().soonDays() + 1L);
    }

    private static List<String> endings() {
        return Arrays.stream(Outcome.values())
                .filter(Outcome::ends)
                .map(Outcome::code)
                .toList();
    }

    /**
     * Lots, those that are due first; what is decided for good comes last.
     *
     * @param before only those that are due before this day, and not decided for good
     */
    public List<DueLot> due(@Nullable LocalDate before) {
        Map<Long, DecisionEntity> held =
                decisions.holding().stream().collect(Collectors.toMap(DecisionEntity::lotId, Function.identity()));
        Map<Long, List<GreenSampleView>> green =
                samples.list().stream().collect(Collectors.groupingBy(GreenSampleView::lotId));
        Set<Long> tasted = decisions.tasted();
        Every agreed = contracts.every();
        DecisionRules rules = house.now();
        return lots.list().stream()
                .map(lot -> due(
                        lot,
                        held.get(lot.id()),
                        green.getOrDefault(lot.id(), List.of()),
                        tasted,
                        agreed.of(lot.id(), lot.supplier()).rules(rules)))
                .filter(d -> before == null
                        || d.open() && d.dueOn() != null && d.dueOn().isBefore(before))
                .sorted(Comparator.comparing((DueLot d) -> !d.open())
                        .thenComparing(d -> d.dueOn() == null ? LocalDate.MAX : d.dueOn()))
                .toList();
    }

    private static DueLot due(
            LotView lot,
            @Nullable DecisionEntity held,
            List<GreenSampleView> green,
            Set<Long> tasted,
            DecisionRules rules) {
        String outcome = held == null ? Outcome.UNDECIDED.code() : held.outcome();
        List<String> missing = new ArrayList<>();
        if (green.stream().noneMatch(GreenSampleView::inspected)) {
            missing.add("not inspected");
        }
        if (lot.roasts() == 0) {
            missing.add("not roasted");
        } else if (!tasted.contains(lot.id())) {
            missing.add("not cupped");
        }
        return new DueLot(
                lot.id(),
                lot.name(),
                lot.supplier(),
                outcome,
                DecisionViews.labelOf(outcome),
                Outcome.parse(outcome).filter(Outcome::ends).isEmpty(),
                held == null ? usually(lot.arrivalDate(), rules) : held.dueOn(),
                held == null ? null : held.decidedAt(),
                missing);
    }
}
