package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.LearnedRules;
import barrowmist.core.trace.LearnedRules.Cup;
import barrowmist.core.trace.LearnedRules.Offer;
import barrowmist.core.trace.TraceInput;
import barrowmist.core.units.Wording;
import barrowmist.server.machine.MachineService;
import barrowmist.server.trace.RoastTraceRepository.Called;
import barrowmist.server.trace.RuleService.Book;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a lab's own cups would make of the rules. */
@Service
@Transactional(readOnly = true)
public class OfferService {

    /** So many of a roaster's newest cupped roasts are read. */
    private static final int READ = 300;

    private final RoastTraceRepository kept;
    private final VerdictRepository verdicts;
    private final TraceService traces;
    private final RuleService rules;
    private final MachineService machines;

    OfferService(
            RoastTraceRepository kept,
            VerdictRepository verdicts,
            TraceService traces,
            RuleService rules,
            MachineService machines) {
        this.kept = kept;
        this.verdicts = verdicts;
        this.traces = traces;
        this.rules = rules;
        this.machines = machines;
    }

    List<Offer> of(long machineId, Cause cause) {
        machines.get(machineId);
        Book book = rules.current();
        Set<Long> judged =
                verdicts.holding().stream().map(VerdictEntity::roastId).collect(Collectors.toSet());
        List<Cup> cups = kept.called(machineId, PageRequest.of(0, READ)).stream()
                .map(c -> cup(c, book, judged))
                .toList();
        return new LearnedRules(book.rules()).of(cause, cups);
    }

    private Cup cup(Called called, Book book, Set<Long> judged) {
        TraceInput known = traces.known(called.roastId());
        return new Cup(
                book.engine().observe(known, Wording.SI),
                Optional.ofNullable(called.cause()).flatMap(Cause::parse),
                judged.contains(called.roastId()),
                known.cup().found().keySet());
    }
}
