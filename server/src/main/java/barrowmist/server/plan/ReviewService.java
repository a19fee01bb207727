package barrowmist.server.plan;

import barrowmist.core.desk.OutlookScore;
import barrowmist.core.plan.PlanReview;
import barrowmist.core.plan.Targets;
import barrowmist.server.machine.MachineService;
import barrowmist.server.plan.ReviewController.PredictionScore;
import barrowmist.server.plan.ReviewController.RepeatabilityView;
import barrowmist.server.plan.ReviewController.RepeatedFigure;
import barrowmist.server.plan.ReviewController.RepeatedRoast;
import barrowmist.server.plan.ReviewController.ReviewRow;
import barrowmist.server.plan.ReviewController.ReviewView;
import barrowmist.server.roast.DeskRecord.PredictionCheck;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Optionals;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks back: a roast against its plan, the roasts of one plan against each other, the outlook against what came. */
@Service
@Transactional(readOnly = true)
class ReviewService {

    private final RoastService roasts;
    private final RoastLists roastLists;
    private final PlanService plans;
    private final MachineService machines;

    ReviewService(RoastService roasts, RoastLists roastLists, PlanService plans, MachineService machines) {
        this.roasts = roasts;
        this.roastLists = roastLists;
        this.plans = plans;
        this.machines = machines;
    }

    public ReviewView review(long id) {
        RoastEntity roast = roasts.get(id);
        Optional<PlanEntity> plan =
                Optional.ofNullable(roast.planId()).filter(plans::exists).map(plans::get);
        List<ReviewRow> rows = plan.map(p -> PlanReview.rows(p.content().aimedAt(), roast.figures()).stream()
                        .map(r -> new ReviewRow(
                                r.figure().code(),
                                r.figure().label(),
                                r.figure().unit().code(),
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

    public RepeatabilityView repeatability(long id) {
        Targets targets = plans.get(id).content().aimedAt();
        List<RoastEntity> all = roastLists.ofPlan(id);
        var spreads = PlanReview.spreads(
                targets, all.stream().map(RoastEntity::figures).toList());
        return new RepeatabilityView(
                all.stream()
                        .map(r -> new RepeatedRoast(r.id(), r.numberInLot(), r.roastedAt()))
                        .toList(),
                spreads.stream()
                        .map(s -> new RepeatedFigure(
                                s.figure().code(),
                                s.figure().label(),
                                s.figure().unit().code(),
                                s.aim().value(),
                                s.aim().tolerance(),
                                s.mean(),
                                s.sd(),
                                s.strays(),
                                s.holds(),
                                Arrays.asList(s.values().stream()
                                        .map(Optionals::orNull)
                                        .toArray(Double[]::new))))
                        .toList(),
                PlanReview.text(spreads));
    }

    public List<PredictionScore> predictions(long id) {
        machines.one(id);
        Map<String, List<PredictionCheck>> by = roastLists.deskRecords(id).stream()
                .flatMap(d -> d.predictions().stream())
                .filter(p -> p.came() != null)
                .collect(Collectors.groupingBy(p -> p.from() + " " + p.figure(), TreeMap::new, Collectors.toList()));
        return by.values().stream()
                .map(checks -> score(
                        checks.get(0),
                        OutlookScore.of(checks.stream()
                                .map(c -> new OutlookScore.Pair(c.expected(), Objects.requireNonNull(c.came())))
                                .toList())))
                .toList();
    }

    private static PredictionScore score(PredictionCheck of, OutlookScore s) {
        return new PredictionScore(of.from(), of.figure(), s.roasts(), s.meanMiss(), s.bias());
    }
}
