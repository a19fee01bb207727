package barrowmist.server.desk;

import barrowmist.core.check.Checks;
import barrowmist.core.desk.ProbeFilter;
import barrowmist.core.roast.EventKind;
import barrowmist.core.units.Wording;
import barrowmist.server.access.OpenStreams;
import barrowmist.server.desk.DayBatchViews.DayBatches;
import barrowmist.server.desk.DeskEntries.ControlEntry;
import barrowmist.server.desk.DeskEntries.NoteEntry;
import barrowmist.server.desk.DeskEntries.PrepareEntry;
import barrowmist.server.desk.DeskEntries.PressEntry;
import barrowmist.server.desk.DeskEntries.TypedReading;
import barrowmist.server.desk.DeskEntries.WeighedEntry;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.DeskViews.DeskSummary;
import barrowmist.server.desk.DeskViews.DeskView;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Optionals;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/desks")
class DeskController {

    private final DeskService desks;
    private final Watchers watchers;
    private final OpenStreams open;
    private final DayBatchesService days;

    DeskController(DeskService desks, Watchers watchers, DayBatchesService days, OpenStreams open) {
        this.open = open;
        this.days = days;
        this.desks = desks;
        this.watchers = watchers;
    }

    @GetMapping
    List<DeskSummary> desks() {
        return desks.summaries();
    }

    @GetMapping("/{machineId}")
    DeskView desk(
            @PathVariable long machineId,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s) {
        return desks.desk(machineId).view(from, new Wording(fahrenheit, per30s));
    }

    /** Server-sent events: each is a {@link DeskView} with what was not sent before. */
    @GetMapping(path = "/{machineId}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(
            @PathVariable long machineId,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s,
            @RequestHeader(name = "Last-Event-ID", required = false) @Nullable String lastSeen) {
        int next = lastSeen != null && lastSeen.matches("\\d{1,9}") ? Integer.parseInt(lastSeen) : from;
        return open.whileLetIn(watchers.watch(desks.desk(machineId), next, new Wording(fahrenheit, per30s)));
    }

    @PostMapping("/{machineId}/batch")
    DeskState prepareBatch(@PathVariable long machineId, @RequestBody PrepareEntry entry) {
        if (entry.greenG() != null) {
            InputProblems.refuseIfAny(new Checks()
                    .range("greenG", "Weighed in", entry.greenG(), 1, 60_000, "g")
                    .problems());
        }
        desks.prepare(machineId, entry);
        return desks.desk(machineId).state(Wording.SI);
    }

    @DeleteMapping("/{machineId}/batch")
    DeskState finishBatch(@PathVariable long machineId) {
        return act(machineId, Desk::finish);
    }

    @PostMapping("/{machineId}/events")
    DeskState press(@PathVariable long machineId, @RequestBody PressEntry press) {
        InputProblems.refuseIfAny(
                new Checks().chosen("kind", EventKind.class, press.kind()).problems());
        desks.mark(machineId, Objects.requireNonNull(press.kind()), ago(press.agoS()));
        return desks.desk(machineId).state(Wording.SI);
    }

    @DeleteMapping("/{machineId}/entries/{seq}")
    DeskState undo(@PathVariable long machineId, @PathVariable int seq) {
        desks.undo(machineId, seq);
        return desks.desk(machineId).state(Wording.SI);
    }

    @PostMapping("/{machineId}/notes")
    DeskState note(@PathVariable long machineId, @RequestBody NoteEntry note) {
        return act(machineId, d -> d.note(note.text(), ago(note.agoS())));
    }

    @PostMapping("/{machineId}/controls")
    DeskState control(@PathVariable long machineId, @RequestBody ControlEntry entry) {
        return act(
                machineId,
                d -> d.control(
                        entry.control() == null ? "" : entry.control().code(), entry.value(), ago(entry.agoS())));
    }

    @PostMapping("/{machineId}/weight")
    DeskState weighed(@PathVariable long machineId, @RequestBody WeighedEntry entry) {
        InputProblems.refuseIfAny(new Checks()
                .range("greenG", "Weighed in", entry.greenG(), 1, 60_000, "g")
                .problems());
        return act(machineId, d -> d.weighed(entry.greenG()));
    }

    /** The batches of today and whether they drift. */
    @GetMapping("/{machineId}/day")
    DayBatches dayOfDesk(
            @PathVariable long machineId,
            @RequestParam(defaultValue = "false") boolean fahrenheit,
            @RequestParam(defaultValue = "false") boolean per30s) {
        return days.today(machineId, new Wording(fahrenheit, per30s));
    }

    @PostMapping("/{machineId}/readings")
    DeskState typed(@PathVariable long machineId, @RequestBody TypedReading reading) {
        if (reading.beanC() == null) {
            throw new InputProblems("beanC", "The bean temperature is missing");
        }
        Checks checks = new Checks()
                .range("beanC", "Bean", reading.beanC(), ProbeFilter.COLDEST_C, ProbeFilter.HOTTEST_C, "°C");
        if (reading.environmentC() != null) {
            checks.range(
                    "environmentC",
                    "Environment",
                    reading.environmentC(),
                    ProbeFilter.COLDEST_C,
                    ProbeFilter.HOTTEST_C,
                    "°C");
        }
        InputProblems.refuseIfAny(checks.problems());
        return act(
                machineId,
                d -> d.typed(Optionals.of(reading.beanC()), Optionals.of(reading.environmentC()), ago(reading.agoS())));
    }

    @PostMapping("/{machineId}/protocol/{step}")
    DeskState stepDone(@PathVariable long machineId, @PathVariable int step) {
        return act(machineId, d -> d.stepDone(step));
    }

    @DeleteMapping("/{machineId}/next-move")
    DeskState leaveOut(@PathVariable long machineId) {
        return act(machineId, Desk::leaveOut);
    }

    private DeskState act(long machineId, Consumer<Desk> action) {
        Desk desk = desks.desk(machineId);
        action.accept(desk);
        desks.tell(desk);
        return desk.state(Wording.SI);
    }

    private static double ago(@Nullable Double agoS) {
        return agoS == null || !Double.isFinite(agoS) ? 0 : agoS;
    }
}
