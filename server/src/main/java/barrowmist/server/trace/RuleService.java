package barrowmist.server.trace;

import barrowmist.core.trace.TraceEngine;
import barrowmist.core.trace.TraceRules;
import barrowmist.core.trace.TraceRules.Change;
import barrowmist.server.access.Member;
import barrowmist.server.settings.SettingChanged;
import barrowmist.server.trace.RuleViews.RuleChangeView;
import barrowmist.server.trace.RuleViews.RuleView;
import barrowmist.server.trace.RuleViews.RulesEntry;
import barrowmist.server.trace.RuleViews.RulesView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rules that the lab's traces go by: the program's own, with what the lead has made of them. */
@Service
@KeptInTurn
public class RuleService {

    private static final int LONGEST_REASON = 500;

    private final RuleRepository changes;
    private final ApplicationEventPublisher told;
    private final Clock clock;
    private volatile Book book = new Book(-1, new TraceEngine(TraceRules.DEFAULTS), TraceRules.DEFAULTS);

    RuleService(RuleRepository changes, ApplicationEventPublisher told, Clock clock) {
        this.changes = changes;
        this.told = told;
        this.clock = clock;
    }

    /**
     * The rules of one moment.
     *
     * @param version counted up by each change, from 1
     */
    public record Book(int version, TraceEngine engine, TraceRules rules) {}

    /** The rules that hold now. */
    @Transactional(readOnly = true)
    public Book current() {
        int version = 1
                + (int) changes.findAllByOrderById().stream()
                        .mapToInt(RuleChangeEntity::version)
                        .distinct()
                        .count();
        if (book.version() != version) {
            TraceRules rules = TraceRules.DEFAULTS.with(kept());
            book = new Book(version, new TraceEngine(rules), rules);
        }
        return book;
    }

    /** A rule that the program no longer has is left out. */
    private Map<String, Double> kept() {
        Map<String, Double> out = new LinkedHashMap<>();
        changes.findAllByOrderById().stream()
                .filter(c -> TraceRules.DEFAULTS.find(c.name()).isPresent())
                .forEach(c -> out.put(c.name(), c.value()));
        return out;
    }

    /** All of them, with their history. */
    @Transactional(readOnly = true)
    RulesView view() {
        Book now = current();
        List<RuleChangeView> history = new ArrayList<>(
                changes.findAllByOrderById().stream().map(RuleChangeView::of).toList());
        Collections.reverse(history);
        return new RulesView(
                now.version(), now.rules().all().stream().map(RuleView::of).toList(), history);
    }

    /** @throws InputProblems if a rule or its value cannot be, or there is no word why */
    RulesView change(RulesEntry entry) {
        Book now = current();
        Conflict.ifStale(entry.version(), now.version(), "set of rules");
        String why = entry.reason() == null ? "" : entry.reason().strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw new InputProblems("reason", "A word why is wanted, of 1 to " + LONGEST_REASON + " characters");
        }
        String who = Member.nameOfCaller();
        List<Change> changed = checked(now.rules(), entry.changes());
        for (Change c : changed) {
            changes.save(new RuleChangeEntity(now.version() + 1, c.name(), c.value(), why, who, clock.instant()));
        }
        changes.flush();
        // no trace goes by the rules of the decision
        if (changed.stream().anyMatch(c -> !TraceRules.ofDecision(c.name()))) {
            told.publishEvent(new SettingChanged("trace rules"));
        }
        return view();
    }

    /** The changes in the core's terms. */
    static List<Change> checked(TraceRules rules, @Nullable List<Change> values) {
        if (values == null || values.isEmpty()) {
            throw new InputProblems("changes", "changes is empty, expected a name and a value for each");
        }
        InputProblems.refuseIfAny(rules.problems(values));
        return values;
    }
}
