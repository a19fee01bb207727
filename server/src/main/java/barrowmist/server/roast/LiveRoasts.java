package barrowmist.server.roast;

import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.access.Member;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineService;
import barrowmist.server.web.KeptInTurn;
import org.springframework.stereotype.Service;

/** Keeps what the desk logged: the batch, and each of its pulls as a roast of its own. */
@Service
@KeptInTurn
public class LiveRoasts {

    private final RoastService service;
    private final RoastRepository roasts;
    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final BatchWeights weights;
    private final ApprovedPlans approved;

    LiveRoasts(
            RoastService service,
            RoastRepository roasts,
            GreenSampleService greenSamples,
            MachineService machines,
            BatchWeights weights,
            ApprovedPlans approved) {
        this.service = service;
        this.roasts = roasts;
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.weights = weights;
        this.approved = approved;
    }

    /** Keeps what the desk logged as a roast; its id. */
    public long keep(LiveKeep live) {
        GreenSampleEntity sample = greenSamples.get(live.greenSampleId());
        RoastEntity roast = new RoastEntity(
                sample,
                machines.get(live.machineId()),
                service.nextNumber(sample.lot().id()),
                live.roastedAt(),
                live.log(),
                "desk " + live.roastedAt(),
                false);
        roast.setEvents(live.events());
        roast.setDesk(live.planId(), live.desk());
        Member.ofCaller().map(Member::name).ifPresent(roast::setRoastedBy);
        roast.setProduction(live.planId() != null && approved.holds(live.planId()));
        roast.setMadeFor(live.made());
        roast.setKind(live.kind());
        RoastEntity saved = service.keepNew(roast);
        weights.keep(saved, live.greenG(), null);
        live.pulls().forEach(pull -> keep(saved, live, pull));
        return saved.id();
    }

    /** Its curve ends where it was drawn. What went in is not known of it: it cannot be weighed against anything. */
    private void keep(RoastEntity batch, LiveKeep live, Pull pull) {
        RoastLog log = live.log().sliced(Double.NEGATIVE_INFINITY, pull.timeS());
        RoastEntity roast = new RoastEntity(
                batch.greenSample(),
                batch.machine(),
                service.nextNumber(batch.lot().id()),
                live.roastedAt(),
                log,
                "pull " + batch.id() + " " + pull.timeS(),
                false);
        roast.setEvents(live.events().until(pull.timeS()).with(EventKind.DROP, pull.timeS()));
        // drawn early to be tasted against the rest: no limit of its batch is its own
        roast.setAim(RoastAim.OWN);
        roast.setPulledFrom(batch);
        weights.keep(service.keepNew(roast), null, pull.grams());
    }

    /** Takes a roast back, with its pulls, that was kept a moment ago because its drop was called too early. */
    public void takeBack(long id) {
        RoastEntity roast = service.get(id);
        for (RoastEntity pull : roasts.findAllByPulledFrom(id)) {
            weights.forget(pull);
            roasts.delete(pull);
        }
        weights.forget(roast);
        roasts.delete(roast);
    }
}
