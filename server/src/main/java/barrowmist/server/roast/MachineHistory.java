package barrowmist.server.roast;

import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.Pace;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineLogs;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the roasts of a roaster teach. */
@Service
@Transactional(readOnly = true)
public class MachineHistory implements MachineLogs {

    private final RoastRepository roasts;
    private final GreenSampleService greenSamples;
    private final BatchWeights weights;

    MachineHistory(RoastRepository roasts, GreenSampleService greenSamples, BatchWeights weights) {
        this.roasts = roasts;
        this.greenSamples = greenSamples;
        this.weights = weights;
    }

    @Override
    public MachineReference reference(long machineId, Process process, long exceptRoastId) {
        return MachineReference.learn(teaching(machineId, process, exceptRoastId)
                .map(Accepted::figures)
                .toList());
    }

    @Override
    public List<Accepted> accepted(long machineId, Process process) {
        return teaching(machineId, process, 0)
                .sorted(Comparator.comparing(Accepted::roastedAt))
                .toList();
    }

    private Stream<Accepted> teaching(long machineId, Process process, long exceptRoastId) {
        return roasts
                .teaching(machineId, process, exceptRoastId, PageRequest.of(0, MachineReference.MOST_ROASTS))
                .stream()
                .filter(t -> t.figures() != null)
                .map(t -> new Accepted(t.roastedAt(), t.figures().figures()));
    }

    /** The stored figures of these roasts, by their numbers; a roast without any is not there. */
    public Map<Long, RoastFigures> figures(Collection<Long> roastIds) {
        return roasts.figuresOf(roastIds).stream()
                .filter(t -> t.figures() != null)
                .collect(Collectors.toMap(t -> t.roastId(), t -> t.figures().figures()));
    }

    /** Its newest accepted roast of each process: id and when. */
    public Map<Process, Newest> newestAccepted(long machineId) {
        Map<Process, Newest> newest = new EnumMap<>(Process.class);
        for (Process process : Process.values()) {
            roasts.teaching(machineId, process, 0, PageRequest.of(0, 1))
                    .forEach(t -> newest.put(process, new Newest(t.roastId(), t.roastedAt())));
        }
        return newest;
    }

    /** A roast, and when it was. */
    public record Newest(long roastId, Instant roastedAt) {}

    /** That roast, where it is one of this roaster's and counts. */
    public Optional<RoastEntity> one(long machineId, long roastId) {
        return roasts.findByIdAndMachineIdAndDiscardedReasonIsNull(roastId, machineId);
    }

    /** What was weighed in, of its accepted roasts, g. */
    public double[] weighedG(long machineId) {
        return weights.greenG(newestAcceptedIds(machineId, MachineReference.MOST_ROASTS)).stream()
                .mapToDouble(g -> g)
                .toArray();
    }

    private List<Long> newestAcceptedIds(long machineId, int most) {
        return roasts.newestAccepted(machineId, PageRequest.of(0, most));
    }

    @Override
    public long countForModel(long machineId) {
        return roasts.countForModel(machineId);
    }

    @Override
    public long countWithoutGas(long machineId) {
        return roasts.countWithoutGas(machineId);
    }

    @Override
    public List<FitRoast> newestForModel(long machineId, int most) {
        return roasts.newestForModel(machineId, PageRequest.of(0, most)).stream()
                .flatMap(r -> fitRoast(r).stream())
                .toList();
    }

    /** How fast its last roasts went; learned without the gas, which not every roaster tells. */
    public Pace pace(long machineId) {
        return Pace.of(roasts.newestDropped(machineId, PageRequest.of(0, ModelFitter.NEWEST)).stream()
                .map(r -> new Pace.Roast(sinceCharge(r), r.figures()))
                .toList());
    }

    /** Its newest whole batches, the newest first. */
    public List<RoastEntity> newest(long machineId, int most) {
        return roasts.newestDropped(machineId, PageRequest.of(0, most));
    }

    private Optional<FitRoast> fitRoast(RoastEntity r) {
        double greenG = weights.greenG(List.of(r.id())).stream()
                .findFirst()
                .orElseGet(() -> r.machine().drum().usualG());
        return FitRoast.of(
                greenSamples.facts(r.greenSample()),
                greenG,
                sinceCharge(r),
                r.figures(),
                r.machine().settings().roomC());
    }

    /** Readings since charge. */
    public static RoastLog sinceCharge(RoastEntity roast) {
        return roast.log().shifted(-roast.events().timeS(EventKind.CHARGE).orElse(0));
    }
}
