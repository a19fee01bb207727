package barrowmist.server.roast;

import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineLogs;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
        return MachineReference.learn(roasts.acceptedFigures(machineId, process, exceptRoastId).stream()
                .filter(Objects::nonNull)
                .map(StoredFigures::figures)
                .toList());
    }

    @Override
    public List<Accepted> accepted(long machineId) {
        return acceptedRoasts(machineId).stream()
                .map(r -> new Accepted(r.lot().process(), r.roastedAt(), r.figures()))
                .toList();
    }

    /** All roasts of a roaster, oldest first. */
    public List<RoastEntity> all(long machineId) {
        return roasts.findAllByMachineIdAndDiscardedReasonIsNullOrderByRoastedAt(machineId);
    }

    /** What was weighed in, of its accepted roasts, g. */
    public double[] weighedG(long machineId) {
        return weights
                .greenG(acceptedRoasts(machineId).stream().map(RoastEntity::id).toList())
                .stream()
                .mapToDouble(g -> g)
                .toArray();
    }

    private List<RoastEntity> acceptedRoasts(long machineId) {
        return roasts.findAllByMachineIdAndAcceptedTrueAndDiscardedReasonIsNullOrderByRoastedAt(machineId);
    }

    @Override
    public long countForModel(long machineId) {
        return roasts.countForModel(machineId);
    }

    @Override
    public List<FitRoast> newestForModel(long machineId, int most) {
        return roasts.newestForModel(machineId, PageRequest.of(0, most)).stream()
                .flatMap(r -> fitRoast(r).stream())
                .toList();
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
