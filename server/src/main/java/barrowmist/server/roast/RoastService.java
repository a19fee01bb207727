package barrowmist.server.roast;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastKind;
import barrowmist.server.green.LotService;
import barrowmist.server.machine.MachineService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps roasts and works them out. */
@Service
@KeptInTurn
public class RoastService {

    private static final int MOST_REASON = 500;
    private static final int RENEWED = 200;

    private final RoastRepository roasts;
    private final LotService lots;
    private final MachineService machines;
    private final MachineHistory history;
    private final Clock clock;
    private final FaultLimitsService limits;
    private final ApplicationEventPublisher told;

    RoastService(
            RoastRepository roasts,
            LotService lots,
            MachineService machines,
            MachineHistory history,
            FaultLimitsService limits,
            Clock clock,
            ApplicationEventPublisher told) {
        this.told = told;
        this.roasts = roasts;
        this.lots = lots;
        this.machines = machines;
        this.history = history;
        this.limits = limits;
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

    /** The number of the next roast of a lot; the lot is held until it is kept, so that no number is given twice. */
    int nextNumber(long lotId) {
        return roasts.highestNumber(lots.held(lotId).id()) + 1;
    }

    /** Sets a roast aside: it teaches nothing and is in no list, but it is not gone. */
    RoastView discard(long id, @Nullable String reason) {
        String why = reason == null ? "" : reason.strip();
        if (why.isEmpty() || why.length() > MOST_REASON) {
            throw new InputProblems("reason", "Say why it is excluded, in at most " + MOST_REASON + " characters");
        }
        RoastEntity roast = get(id);
        roast.discard(why, clock.instant());
        changed(roast);
        return RoastView.of(roast);
    }

    RoastView takeBack(long id) {
        RoastEntity roast = get(id);
        roast.takeBack();
        changed(roast);
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

    @Transactional(readOnly = true)
    public Analyzed analyzed(long id) {
        return analyze(get(id));
    }

    /** Its own trace is another now, and, when it is a reference, that of others too. */
    private void changed(RoastEntity roast) {
        told.publishEvent(new RoastChanged(roast.id()));
        if (roast.accepted()) {
            told.publishEvent(
                    new ReferenceChanged(roast.machine().id(), roast.lot().process()));
        }
    }

    /** Corrections of a roast's events, oldest first. */
    @Transactional(readOnly = true)
    public List<EventChange> history(long id) {
        return get(id).history();
    }

    /** Works a roast out anew whose events are others now. */
    void reworked(RoastEntity roast) {
        roast.keep(analyze(roast).analysis());
        changed(roast);
    }

    /** @throws Conflict if it is to teach and is no batch like any other */
    public RoastView accept(long id, boolean accepted) {
        RoastEntity roast = get(id);
        if (accepted && !roast.kind().teaches()) {
            throw new Conflict(
                    roast.kind() == RoastKind.PULL
                            ? "A pull teaches nothing: its batch does."
                            : "A warm-up batch teaches nothing: it is like no other.",
                    Map.of());
        }
        roast.setAccepted(accepted);
        told.publishEvent(new ReferenceChanged(roast.machine().id(), roast.lot().process()));
        return RoastView.of(roast);
    }

    /** Says what a roast was made for: its bench and its trace are judged by that. */
    public RoastView madeFor(long id, RoastAim aim) {
        RoastEntity roast = get(id);
        roast.setAim(aim);
        changed(roast);
        return RoastView.of(roast);
    }

    /** Says whether a batch was the warm-up of its day. */
    public RoastView warmUp(long id, boolean warmUp) {
        RoastEntity roast = get(id);
        if (roast.kind() == RoastKind.PULL) {
            throw new Conflict("A pull is drawn from a batch: say it of that.", Map.of());
        }
        if (warmUp && roast.accepted()) {
            roast.setAccepted(false);
            told.publishEvent(
                    new ReferenceChanged(roast.machine().id(), roast.lot().process()));
        }
        roast.setKind(warmUp ? RoastKind.WARM_UP : RoastKind.BATCH);
        changed(roast);
        return RoastView.of(roast);
    }

    /** Makes figures anew that were made by other rules than these, some at a time; whether there may be more. */
    boolean renewFigures() {
        List<RoastEntity> old =
                roasts.findAllByRulesVersionNot(RoastAnalyzer.RULES_VERSION, PageRequest.of(0, RENEWED));
        old.forEach(roast -> roast.keep(analyze(roast).analysis()));
        return old.size() == RENEWED;
    }

    private Analyzed analyze(RoastEntity roast) {
        MachineReference reference =
                history.reference(roast.machine().id(), roast.lot().process(), roast.id());
        RoastAnalyzer rules = new RoastAnalyzer(limits.current());
        return new Analyzed(roast, rules.analyze(roast.log(), roast.events(), reference.peakCPerMin()), reference);
    }
}
