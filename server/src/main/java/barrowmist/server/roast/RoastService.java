package barrowmist.server.roast;

import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.MachineReference;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.LotService;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Json;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps roasts and works them out. */
@Service
@Transactional
public class RoastService {

    private final RoastRepository roasts;
    private final LotService lots;
    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final BatchWeights weights;
    private final Clock clock;
    private final RoastAnalyzer analyzer = new RoastAnalyzer(FaultSettings.DEFAULTS);

    RoastService(
            RoastRepository roasts,
            LotService lots,
            GreenSampleService greenSamples,
            MachineService machines,
            BatchWeights weights,
            Clock clock) {
        this.roasts = roasts;
        this.lots = lots;
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.weights = weights;
        this.clock = clock;
    }

    /** A roast with its analysis and what it was judged by. */
    public record Analyzed(RoastEntity roast, RoastAnalysis analysis, MachineReference reference) {}

    /** Keeps a new roast of a lot with its figures. */
    RoastEntity keepNew(RoastEntity roast) {
        RoastEntity saved = roasts.save(roast);
        saved.keep(analyze(saved).analysis());
        return saved;
    }

    /**
     * A roast that the desk logged.
     *
     * @param log readings, on a clock on which {@code events} are too
     * @param greenG what was weighed in, g; null where it was not
     */
    public record LiveKeep(
            long greenSampleId,
            long machineId,
            @Nullable Long planId,
            Instant roastedAt,
            RoastLog log,
            RoastEvents events,
            @Nullable Double greenG,
            DeskRecord desk) {}

    /** Keeps what the desk logged as a roast; its id. */
    public long keepLive(LiveKeep live) {
        GreenSampleEntity sample = greenSamples.get(live.greenSampleId());
        MachineEntity machine = machines.get(live.machineId());
        RoastEntity roast = new RoastEntity(
                sample,
                machine,
                roasts.highestNumber(sample.lot().id()) + 1,
                live.roastedAt(),
                live.log(),
                "desk " + live.roastedAt());
        roast.setEvents(live.events());
        roast.setDesk(live.planId(), live.desk());
        RoastEntity saved = keepNew(roast);
        weights.keep(saved, live.greenG(), null);
        return saved.id();
    }

    /** Takes a roast back that was kept a moment ago because its drop was called too early. */
    public void unkeep(long id) {
        RoastEntity roast = get(id);
        weights.forget(roast);
        roasts.delete(roast);
    }

    /** Sets a roast aside: it teaches nothing and is in no list, but it is not gone. */
    RoastView discard(long id, @Nullable String reason) {
        String why = reason == null ? "" : reason.strip();
        if (why.isEmpty() || why.length() > MOST_REASON) {
            throw new InputProblems("reason", "Say why it is set aside, in at most " + MOST_REASON + " characters");
        }
        RoastEntity roast = get(id);
        roast.discard(why, clock.instant());
        return RoastView.of(roast);
    }

    private static final int MOST_REASON = 500;

    RoastView takeBack(long id) {
        RoastEntity roast = get(id);
        roast.takeBack();
        return RoastView.of(roast);
    }

    /** @throws NotFound if there is no roast of this id */
    public RoastEntity get(long id) {
        return roasts.findById(id).orElseThrow(() -> new NotFound("roast", id));
    }

    @Transactional(readOnly = true)
    RoastView view(long id) {
        return RoastView.of(get(id));
    }

    /** A page of roasts, newest first. */
    public record RoastPage(List<RoastView> roasts, long total, int page, int size) {}

    private static final int LARGEST_PAGE = 200;

    private final RoastSearch.Names names = new RoastSearch.Names() {
        @Override
        public List<Long> lots(String word) {
            return lots.withWord(word);
        }

        @Override
        public List<Long> machines(String word) {
            return machines.withWord(word);
        }
    };

    @Transactional(readOnly = true)
    RoastPage search(RoastSearch sought, int page, int size) {
        int n = Math.max(1, Math.min(LARGEST_PAGE, size));
        var found = roasts.findAll(
                sought.specification(clock.getZone(), names), PageRequest.of(Math.max(0, page), n, sought.order()));
        return new RoastPage(
                found.getContent().stream().map(RoastView::of).toList(),
                found.getTotalElements(),
                found.getNumber(),
                n);
    }

    /** Roasts of a roaster since a moment, oldest first. */
    @Transactional(readOnly = true)
    public List<RoastEntity> since(long machineId, Instant since) {
        return roasts.findAllByMachineIdAndRoastedAtGreaterThanEqualAndDiscardedReasonIsNullOrderByRoastedAt(
                machineId, since);
    }

    /** All roasts since a moment, oldest first. */
    @Transactional(readOnly = true)
    public List<RoastEntity> since(Instant since) {
        return roasts.findAllByRoastedAtGreaterThanEqualAndDiscardedReasonIsNullOrderByRoastedAt(since);
    }

    /** Roasts that followed a plan, oldest first. */
    @Transactional(readOnly = true)
    public List<RoastEntity> ofPlan(long planId) {
        return roasts.findAllByPlanIdAndDiscardedReasonIsNullOrderByRoastedAt(planId);
    }

    /** What the desk kept of the newest roasts of a roaster. */
    @Transactional(readOnly = true)
    public List<DeskRecord> deskRecords(long machineId) {
        return roasts.deskRecords(machineId).stream()
                .map(d -> Json.read(d, DeskRecord.class))
                .toList();
    }

    /** The newest roasts that count; the list for choosing from. */
    @Transactional(readOnly = true)
    public List<RoastView> list() {
        return roasts.findTop500ByDiscardedReasonIsNullOrderByRoastedAtDescIdDesc().stream()
                .map(RoastView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    List<RoastView> ofLot(long lotId) {
        lots.get(lotId);
        return roasts.findAllByLotIdAndDiscardedReasonIsNullOrderByNumberInLot(lotId).stream()
                .map(RoastView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    public Analyzed analyzed(long id) {
        return analyze(get(id));
    }

    /** Marks an event, or moves it when it is there. */
    RoastView mark(long id, EventKind kind, double timeSinceChargeS) {
        RoastEntity roast = get(id);
        if (!kind.single()) {
            throw new InputProblems("kind", "A pop is noted by the log and not marked afterwards");
        }
        double onLogClockS =
                timeSinceChargeS + roast.events().timeS(EventKind.CHARGE).orElse(0);
        if (!(onLogClockS >= 0 && onLogClockS <= lastReadingS(roast))) {
            throw new InputProblems(
                    "timeS", "timeS is " + timeSinceChargeS + ", allowed is the time of the log's readings");
        }
        remember(roast, kind, timeSinceChargeS);
        return replaceEvents(roast, roast.events().with(kind, onLogClockS));
    }

    private void remember(RoastEntity roast, EventKind kind, @Nullable Double toS) {
        RoastEvents events = roast.events();
        double chargeS = events.timeS(EventKind.CHARGE).orElse(0);
        Double fromS = events.find(kind).map(e -> e.timeS() - chargeS).orElse(null);
        roast.remember(new EventChange(clock.instant(), kind.code(), fromS, toS));
    }

    RoastView unmark(long id, EventKind kind) {
        RoastEntity roast = get(id);
        remember(roast, kind, null);
        return replaceEvents(roast, roast.events().without(kind));
    }

    private static double lastReadingS(RoastEntity roast) {
        var bean = roast.log().beanC();
        return bean.timeS(bean.size() - 1);
    }

    private RoastView replaceEvents(RoastEntity roast, RoastEvents events) {
        List<String> problems = events.problems();
        if (!problems.isEmpty()) {
            throw new InputProblems("timeS", String.join(" ", problems));
        }
        roast.setEvents(events);
        roast.keep(analyze(roast).analysis());
        return RoastView.of(roast);
    }

    /** Corrections of a roast's events, oldest first. */
    @Transactional(readOnly = true)
    public List<EventChange> history(long id) {
        return get(id).history();
    }

    public RoastView accept(long id, boolean accepted) {
        RoastEntity roast = get(id);
        roast.setAccepted(accepted);
        return RoastView.of(roast);
    }

    /** Makes figures anew that were made by other rules than these. */
    void renewFigures() {
        roasts.findAllByRulesVersionNot(RoastAnalyzer.RULES_VERSION)
                .forEach(roast -> roast.keep(analyze(roast).analysis()));
    }

    private Analyzed analyze(RoastEntity roast) {
        MachineReference reference =
                machines.reference(roast.machine().id(), roast.lot().process(), roast.id());
        return new Analyzed(roast, analyzer.analyze(roast.log(), roast.events(), reference), reference);
    }
}
