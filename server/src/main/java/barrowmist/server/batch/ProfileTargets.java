package barrowmist.server.batch;

import barrowmist.core.decision.batch.Batch;
import barrowmist.core.decision.batch.BatchFigure;
import barrowmist.core.decision.batch.Profile;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.Targets;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Pattern;
import barrowmist.server.plan.PlanEntity;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.PatternService;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** What batches are held to when nobody says otherwise: the plan's aims, else what the approved roast was; no wider than the cup allows. */
@Component
class ProfileTargets {

    private final SampleService samples;
    private final PatternService patterns;

    ProfileTargets(SampleService samples, PatternService patterns) {
        this.samples = samples;
        this.patterns = patterns;
    }

    Profile of(PlanEntity plan, Optional<RoastEntity> reference) {
        Targets targets = plan.content().aimedAt();
        Optional<Batch> approved = reference.map(this::batch);
        List<Pattern> learned = learned(plan.machine().id());
        Map<BatchFigure, Aim> aims = new EnumMap<>(BatchFigure.class);
        for (BatchFigure figure : BatchFigure.values()) {
            Optional<Aim> planned = figure.planned().map(f -> targets.aims().get(f));
            Optional<Aim> aim = figure == BatchFigure.CHARGE_C
                    ? Optional.of(new Aim(plan.content().chargeC(), figure.tolerance()))
                    : planned.or(() -> asApproved(figure, approved));
            aim.ifPresent(a -> aims.put(figure, Profile.asTheCupAllows(figure, a, learned)));
        }
        return new Profile(aims);
    }

    private static Optional<Aim> asApproved(BatchFigure figure, Optional<Batch> approved) {
        OptionalDouble value = approved.map(figure::of).orElse(OptionalDouble.empty());
        return value.isPresent() ? Optional.of(new Aim(value.getAsDouble(), figure.tolerance())) : Optional.empty();
    }

    private Batch batch(RoastEntity roast) {
        BenchFigures b = samples.figures(roast.id());
        return new Batch(
                roast.id(), LocalDate.EPOCH, "", "", roast.figures(), b.weightLossPct(), b.colourGround(), false);
    }

    private List<Pattern> learned(long machineId) {
        return Arrays.stream(Cause.values())
                .flatMap(c -> patterns.of(machineId, c).stream())
                .filter(p -> p.standing() == Pattern.Standing.LEARNED)
                .toList();
    }
}
