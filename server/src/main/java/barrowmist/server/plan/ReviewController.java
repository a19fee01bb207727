package barrowmist.server.plan;

import barrowmist.core.plan.PlanReview;
import barrowmist.core.plan.Targets;
import barrowmist.core.units.Wording;
import barrowmist.server.roast.DeskRecord;
import barrowmist.server.roast.DeskRecord.PredictionCheck;
import barrowmist.server.roast.EventChange;
import barrowmist.server.roast.MachineService;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Optionals;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Looks back: a roast against its plan, the roasts of one plan against each other, the outlook against what came. */
@RestController
class ReviewController {

    private final RoastService roasts;
    private final PlanService plans;
    private final MachineService machines;

    ReviewController(RoastService roasts, PlanService plans, MachineService machines) {
        this.roasts = roasts;
        this.plans = plans;
        this.machines = machines;
    }

    /** A figure against its aim. */
    record ReviewRow(
            String figure,
            String label,
            String unit,
            double planned,
            double tolerance,
            @Nullable Double actual,
            @Nullable Double off,
            boolean inside) {}

    /** A roast looked back at. {@code desk} is left out for a log that was imported. */
    record ReviewView(
            @Nullable Long planId,
            List<ReviewRow> rows,
            @Nullable DeskRecord desk,
            List<EventChange> history) {}

    @GetMapping("/api/roasts/{id}/review")
    @Transactional(readOnly = true)
    public ReviewView review(@PathVariable long id) {
        RoastEntity roast = roasts.get(id);
        Optional<PlanEntity> plan =
                Optional.ofNullable(roast.planId()).filter(plans::exists).map(plans::get);
        List<ReviewRow> rows = plan.map(p -> PlanReview.rows(p.content().aimedAt(), roast.figures()).stream()
                        .map(r -> new ReviewRow(
                                r.figure().field(),
                                r.figure().label(),
                                Codes.of(r.figure().unit()),
                                r.aim().value(),
                                r.aim().tolerance(),
                                Optionals.orNull(r.actual()),
                                Optionals.orNull(r.off()),
                                r.inside()))
                        .toList())
                .orElse(List.of());
        return new ReviewView(
                plan.map(PlanEntity::id).orElse(null), rows, roast.desk().orElse(null), roasts.history(id));
    }

    /** A roast of a plan. */
    record RepeatedRoast(long roastId, int number, Instant roastedAt) {}

    /** How far a figure strays: {@code values} in the order of the roasts. */
    record RepeatedFigure(
            String figure,
            String label,
            String unit,
            double planned,
            double tolerance,
            double mean,
            double sd,
            double strays,
            List<@Nullable Double> values) {}

    /** Roasts of one plan beside each other. */
    record RepeatabilityView(List<RepeatedRoast> roasts, List<RepeatedFigure> figures, String text) {}

    @GetMapping("/api/plans/{id}/repeatability")
    @Transactional(readOnly = true)
    public RepeatabilityView repeatability(@PathVariable long id) {
        Targets targets = plans.get(id).content().aimedAt();
        List<RoastEntity> all = roasts.ofPlan(id);
        var spreads = PlanReview.spreads(
                targets, all.stream().map(RoastEntity::figures).toList());
        String text = spreads.isEmpty()
                ? "How well a plan repeats shows from its second roast on."
                : spreads.get(0).strays() > 0.5
                        ? "%s strays most: its spread is %.0f %% of its tolerance."
                                .formatted(
                                        Wording.capital(spreads.get(0).figure().label()),
                                        100 * spreads.get(0).strays())
                        : "Every figure holds: no spread is above half its tolerance.";
        return new RepeatabilityView(
                all.stream()
                        .map(r -> new RepeatedRoast(r.id(), r.numberInLot(), r.roastedAt()))
                        .toList(),
                spreads.stream()
                        .map(s -> new RepeatedFigure(
                                s.figure().field(),
                                s.figure().label(),
                                Codes.of(s.figure().unit()),
                                s.aim().value(),
                                s.aim().tolerance(),
                                s.mean(),
                                s.sd(),
                                s.strays(),
                                Arrays.asList(s.values().stream()
                                        .map(Optionals::orNull)
                                        .toArray(Double[]::new))))
                        .toList(),
                text);
    }

    /** How good the outlook was: mean of the misses without their signs, and with them. */
    record PredictionScore(String from, String figure, int roasts, double meanMiss, double bias) {}

    @GetMapping("/api/machines/{id}/predictions")
    @Transactional(readOnly = true)
    public List<PredictionScore> predictions(@PathVariable long id) {
        machines.one(id);
        Map<String, List<PredictionCheck>> by = roasts.deskRecords(id).stream()
                .flatMap(d -> d.predictions().stream())
                .filter(p -> p.came() != null)
                .collect(Collectors.groupingBy(p -> p.from() + " " + p.figure(), TreeMap::new, Collectors.toList()));
        return by.values().stream()
                .map(checks -> new PredictionScore(
                        checks.get(0).from(),
                        checks.get(0).figure(),
                        checks.size(),
                        checks.stream()
                                .mapToDouble(c -> Math.abs(c.expected() - c.came()))
                                .average()
                                .orElse(0),
                        checks.stream()
                                .mapToDouble(c -> c.expected() - c.came())
                                .average()
                                .orElse(0)))
                .toList();
    }
}
