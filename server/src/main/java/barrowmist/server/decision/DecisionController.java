package barrowmist.server.decision;

import barrowmist.server.decision.DecisionViews.DecisionEntry;
import barrowmist.server.decision.DecisionViews.DecisionView;
import barrowmist.server.decision.DecisionViews.DueLot;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DecisionController {

    private final DecisionService decisions;
    private final DueLots due;
    private final Clock clock;

    DecisionController(DecisionService decisions, DueLots due, Clock clock) {
        this.due = due;
        this.clock = clock;
        this.decisions = decisions;
    }

    /** The decision on a lot, before there is one too: with a proposal and its reasons. */
    @GetMapping("/api/lots/{id}/decision")
    DecisionView decision(@PathVariable long id) {
        return decisions.of(id);
    }

    /** Decides on a lot; what was decided before stays to be read. */
    @PutMapping("/api/lots/{id}/decision")
    DecisionView decide(@PathVariable long id, @RequestBody DecisionEntry entry) {
        return decisions.decide(id, entry);
    }

    /** Lots with their decisions, those that are due first. */
    @GetMapping("/api/decisions")
    List<DueLot> due(@RequestParam(required = false) @Nullable LocalDate dueBefore) {
        return due.due(dueBefore);
    }

    /** When which lot is to be decided, for a calendar. */
    @GetMapping(value = "/api/decisions/calendar.ics", produces = "text/calendar;charset=UTF-8")
    String calendar() {
        return DueCalendar.of(due.waiting(LocalDate.MAX), clock);
    }
}
