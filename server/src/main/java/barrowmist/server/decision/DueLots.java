package barrowmist.server.decision;

import barrowmist.core.decision.DecisionRules;
import barrowmist.core.decision.Outcome;
import barrowmist.server.decision.DecisionRepository.Listed;
import barrowmist.server.decision.DecisionRepository.Open;
import barrowmist.server.decision.DecisionViews.DueLot;
import barrowmist.server.store.ContractService;
import barrowmist.server.store.ContractService.Every;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which lots wait for a decision, and until when. */
@Service
@Transactional(readOnly = true)
public class DueLots {

    private final DecisionRepository decisions;
    private final ContractService contracts;
    private final HouseRules house;
    private final Clock clock;

    DueLots(DecisionRepository decisions, ContractService contracts, HouseRules house, Clock clock) {
        this.house = house;
        this.contracts = contracts;
        this.clock = clock;
        this.decisions = decisions;
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
        Known known = new Known(decisions.inspected(), decisions.roasted(), decisions.tasted());
        Every agreed = contracts.every();
        DecisionRules rules = house.now();
        return decisions.listed().stream()
                .map(lot ->
                        due(lot, known, agreed.of(lot.lotId(), lot.supplier()).rules(rules)))
                .filter(d -> before == null
                        || d.open() && d.dueOn() != null && d.dueOn().isBefore(before))
                .sorted(Comparator.comparing((DueLot d) -> !d.open())
                        .thenComparing(d -> d.dueOn() == null ? LocalDate.MAX : d.dueOn()))
                .toList();
    }

    /** Which lots were inspected, roasted, and on a table. */
    private record Known(Set<Long> inspected, Set<Long> roasted, Set<Long> tasted) {

        List<String> missing(long lot) {
            List<String> out = new ArrayList<>();
            if (!inspected.contains(lot)) {
                out.add("not inspected");
            }
            if (!roasted.contains(lot)) {
                out.add("not roasted");
            } else if (!tasted.contains(lot)) {
                out.add("not cupped");
            }
            return out;
        }
    }

    private static DueLot due(Listed lot, Known known, DecisionRules rules) {
        DecisionEntity held = lot.held();
        String outcome = held == null ? Outcome.UNDECIDED.code() : held.outcome();
        return new DueLot(
                lot.lotId(),
                lot.lotName(),
                lot.supplier(),
                outcome,
                DecisionViews.labelOf(outcome),
                Outcome.parse(outcome).filter(Outcome::ends).isEmpty(),
                held == null ? usually(lot.arrivalDate(), rules) : held.dueOn(),
                held == null ? null : held.decidedAt(),
                known.missing(lot.lotId()));
    }
}
