package barrowmist.server.machine;

import barrowmist.core.green.Process;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.Drift;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RorPoint;
import barrowmist.core.units.Wording;
import barrowmist.server.machine.MachineLogs.Accepted;
import barrowmist.server.machine.ModelViews.DriftView;
import barrowmist.server.machine.ModelViews.FittedView;
import barrowmist.server.machine.ModelViews.ModelView;
import barrowmist.server.machine.ModelViews.ProcessReferenceView;
import barrowmist.server.machine.ModelViews.State;
import barrowmist.server.web.Conflict;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Learns what a roaster does: its bands from accepted roasts, its model from its newest logs. */
@Service
public class ModelService {

    private static final Logger LOG = LoggerFactory.getLogger(ModelService.class);

    private static final double HOURS_PER_DAY = 24;

    private final MachineModelRepository models;
    private final MachineService machines;
    private final MachineLogs history;
    private final TaskExecutor fitting;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Map<Long, Job> jobs = new ConcurrentHashMap<>();

    /** A fit under way, or one that failed. */
    private record Job(double share, String doing, boolean failed) {}

    ModelService(
            MachineModelRepository models,
            MachineService machines,
            MachineLogs history,
            TaskExecutor fitting,
            TransactionTemplate transaction,
            Clock clock) {
        this.models = models;
        this.machines = machines;
        this.history = history;
        this.fitting = fitting;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** The roaster's model; empty while none was fitted by these rules. */
    public Optional<FittedModel> model(long machineId) {
        return models.findById(machineId).filter(MachineModelEntity::current).map(MachineModelEntity::model);
    }

    ModelView view(long machineId, Wording wording) {
        return transaction.execute(s -> {
            machines.get(machineId);
            Job job = jobs.get(machineId);
            FittedView fitted = models.findById(machineId)
                    .filter(MachineModelEntity::current)
                    .map(m -> FittedView.of(m.model(), m.fittedAt(), wording))
                    .orElse(null);
            int usable = (int) Math.min(ModelFitter.NEWEST, history.countForModel(machineId));
            int withoutGas = (int) history.countWithoutGas(machineId);
            if (job != null) {
                return new ModelView(
                        job.failed ? State.FAILED : State.FITTING, job.share, job.doing, usable, withoutGas, fitted);
            }
            return new ModelView(fitted == null ? State.NONE : State.FITTED, 1, "", usable, withoutGas, fitted);
        });
    }

    /** Begins a fit in the background; one that is running goes on, so that two presses make one fit. */
    public synchronized ModelView fit(long machineId) {
        Job running = jobs.get(machineId);
        if (running != null && !running.failed) {
            return view(machineId, Wording.SI);
        }
        List<FitRoast> logs = history.newestForModel(machineId, ModelFitter.NEWEST);
        if (logs.isEmpty()) {
            throw new Conflict(
                    "There is no log to fit to: a model needs roasts of this roaster with gas, charge and drop.",
                    Map.of());
        }
        double capacityG =
                transaction.execute(s -> machines.get(machineId).drum().holdsG());
        jobs.put(machineId, new Job(0, "starting", false));
        fitting.execute(() -> run(machineId, logs, capacityG));
        return view(machineId, Wording.SI);
    }

    private void run(long machineId, List<FitRoast> logs, double capacityG) {
        try {
            FittedModel model = ModelFitter.fit(
                    logs, capacityG, (share, doing) -> jobs.put(machineId, new Job(share, doing, false)));
            Instant now = clock.instant();
            transaction.executeWithoutResult(s -> {
                MachineModelEntity kept = models.findById(machineId).orElseGet(() -> new MachineModelEntity(machineId));
                kept.keep(model, now);
                models.save(kept);
            });
            jobs.remove(machineId);
        } catch (RuntimeException e) {
            LOG.error("the model of roaster {} could not be fitted", machineId, e);
            jobs.put(
                    machineId,
                    new Job(
                            1,
                            "The fit failed: a log may have charge or gas marked wrongly. The old model stays.",
                            true));
        }
    }

    /** The bands of every process that was roasted on it. */
    List<ProcessReferenceView> references(long machineId) {
        return transaction.execute(s -> {
            machines.get(machineId);
            return Arrays.stream(Process.values())
                    .map(p -> reference(p, history.accepted(machineId, p)))
                    .filter(r -> r.roasts() > 0)
                    .toList();
        });
    }

    private ProcessReferenceView reference(Process process, List<Accepted> roasts) {
        return new ProcessReferenceView(
                process,
                roasts.size(),
                ReferenceView.of(MachineReference.learn(
                        roasts.stream().map(Accepted::figures).toList())),
                List.of(
                        drift("chargeC", roasts, RoastFigures::chargeC),
                        drift("turningPointS", roasts, f -> value(f.turningPoint(), Milestone::timeS)),
                        drift("turningPointC", roasts, f -> value(f.turningPoint(), Milestone::beanC)),
                        drift("dryEndC", roasts, f -> value(f.dryEnd(), Milestone::beanC)),
                        drift("firstCrackC", roasts, f -> value(f.firstCrack(), Milestone::beanC)),
                        drift("peakCPerMin", roasts, f -> value(f.rorPeak(), RorPoint::cPerMin))));
    }

    private static <T> OptionalDouble value(Optional<T> from, Function<T, Double> of) {
        return from.map(f -> OptionalDouble.of(of.apply(f))).orElse(OptionalDouble.empty());
    }

    private static DriftView drift(String figure, List<Accepted> roasts, Function<RoastFigures, OptionalDouble> of) {
        List<Accepted> with =
                roasts.stream().filter(r -> of.apply(r.figures()).isPresent()).toList();
        double[] days = with.stream()
                .mapToDouble(r -> Duration.between(Instant.EPOCH, r.roastedAt()).toHours() / HOURS_PER_DAY)
                .toArray();
        double[] values = with.stream()
                .mapToDouble(r -> of.apply(r.figures()).getAsDouble())
                .toArray();
        return new DriftView(figure, Drift.of(days, values));
    }
}
