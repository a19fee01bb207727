package barrowmist.server.desk;

import barrowmist.core.desk.DeskPhase;
import barrowmist.core.desk.JournalLine.Prepare;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.roast.EventKind;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskEntries.PrepareEntry;
import barrowmist.server.desk.DeskViews.DeskSummary;
import barrowmist.server.desk.LiveSetupService.Prepared;
import barrowmist.server.device.RoasterLinks;
import barrowmist.server.disk.DataFolder;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineView;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Keeps one desk for each roaster, and takes up at start what an earlier run left unfinished. */
@Service
class DeskService {

    private static final Logger LOG = LoggerFactory.getLogger(DeskService.class);

    private final MachineService machines;
    private final LiveSetupService setups;
    private final RoasterLinks links;
    private final RoastKeeper keeper;
    private final Watchers watchers;
    private final KeptAside aside;
    private final Clock wall;
    private final Path folder;
    private final Map<Long, Desk> desks = new ConcurrentHashMap<>();
    private final Map<Long, LinkPump> pumps = new ConcurrentHashMap<>();

    DeskService(
            MachineService machines,
            LiveSetupService setups,
            RoasterLinks links,
            RoastKeeper keeper,
            Watchers watchers,
            KeptAside aside,
            Clock wall,
            @Value("${barrowmist.data.path}") String data) {
        this.machines = machines;
        this.setups = setups;
        this.links = links;
        this.keeper = keeper;
        this.watchers = watchers;
        this.aside = aside;
        this.wall = wall;
        this.folder = DataFolder.of(data);
    }

    /** Roasts that were under way go on without anybody asking for them. */
    @EventListener(ApplicationReadyEvent.class)
    void takeUp() {
        machines.list().stream().map(MachineView::id).forEach(id -> {
            try {
                if (Files.exists(file(id))) {
                    desk(id);
                }
            } catch (RuntimeException e) {
                // one roast that cannot go on keeps nobody from opening the lab
                LOG.error("The roast on roaster {} cannot be taken up", id, e);
            }
        });
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        pumps.values().forEach(LinkPump::stop);
        watchers.closeAll();
    }

    private Path file(long machineId) {
        return folder.resolve("desk-" + machineId + ".journal");
    }

    /** The desk of a roaster; it begins to read the roaster when it is first asked for. */
    Desk desk(long machineId) {
        MachineView machine = machines.one(machineId);
        Desk desk = desks.computeIfAbsent(machineId, id -> opened(machine));
        desk.configure(machine.name(), machine.settings());
        pumps.computeIfAbsent(machineId, id -> new LinkPump(desk, links, () -> tick(desk)).start());
        return desk;
    }

    private Desk opened(MachineView machine) {
        Desk desk = new Desk(machine.id(), file(machine.id()), System::nanoTime);
        desk.configure(machine.name(), machine.settings());
        Journal.Found found = Journal.read(desk.file());
        boolean goesOn = !found.lines().isEmpty() && found.lines().get(0) instanceof Prepare;
        if (found.damaged() > 0 || !found.lines().isEmpty() && !goesOn) {
            aside.keep(machine.id(), desk.file(), found, goesOn);
        }
        if (goesOn) {
            Prepare p = (Prepare) found.lines().get(0);
            desk.resume(
                    found.lines(),
                    setups.prepare(machine.id(), p.greenSampleId(), planStill(p), p.greenG(), p.batch()));
        }
        return desk;
    }

    /** A plan that was deleted meanwhile does not stop its roast. */
    private @Nullable Long planStill(Prepare p) {
        return p.planId() != null && setups.hasPlan(p.planId()) ? p.planId() : null;
    }

    private void tick(Desk desk) {
        keepDropped(desk);
        watchers.tell(desk);
    }

    /** Keeps a dropped roast; when the database takes none, it is tried again with the next reading. */
    private void keepDropped(Desk desk) {
        synchronized (desk) {
            RoastBatch batch = desk.batch().orElse(null);
            if (batch != null
                    && desk.phase() == DeskPhase.COOLING
                    && batch.roastId().isEmpty()) {
                try {
                    desk.kept(keeper.keep(
                            desk.machineId(), batch, desk.link().kind().code(), desk.refused()));
                } catch (RuntimeException e) {
                    LOG.warn("The roast could not be kept yet", e);
                }
            }
        }
    }

    List<DeskSummary> summaries() {
        return machines.list().stream()
                .map(m -> {
                    Desk desk = desk(m.id());
                    var state = desk.state(Wording.SI);
                    return new DeskSummary(
                            m.id(),
                            m.name(),
                            state.phase(),
                            state.link().status(),
                            state.batch() == null ? null : state.batch().lotName());
                })
                .toList();
    }

    void prepare(long machineId, PrepareEntry entry) {
        Desk desk = desk(machineId);
        int batch = entry.batch() == null ? 1 : entry.batch();
        Prepared prepared = setups.prepare(machineId, entry.greenSampleId(), entry.planId(), entry.greenG(), batch);
        int batches = entry.batches() == null ? 1 : entry.batches();
        desk.prepare(
                prepared,
                entry.planId(),
                batch,
                Math.max(batch, batches),
                wall.instant().toString());
        watchers.tell(desk);
    }

    void mark(long machineId, EventKind kind, double agoS) {
        Desk desk = desk(machineId);
        desk.mark(kind, agoS);
        tick(desk);
    }

    void undo(long machineId, int seq) {
        Desk desk = desk(machineId);
        synchronized (desk) {
            RoastBatch batch = desk.batch().orElse(null);
            // first the roast, then the drop: what is refused leaves both as they are
            if (batch != null && batch.endsWith(seq) && batch.roastId().isPresent()) {
                keeper.takeBack(batch.roastId().get());
                desk.kept(RoastBatch.NOT_KEPT);
            }
            desk.undo(seq);
        }
        tick(desk);
    }

    void tell(Desk desk) {
        watchers.tell(desk);
    }
}
