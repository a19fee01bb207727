package barrowmist.server.plan;

import barrowmist.core.plan.Aim;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.KeyFigure;
import barrowmist.server.plan.PlanViews.PlanEntry;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans that change one thing of an earlier roast, and which roasts followed which plan. */
@Service
@KeptInTurn
public class ChangedPlans {

    private final PlanRepository plans;
    private final PlanService all;
    private final RoastService roasts;
    private final Clock clock;

    ChangedPlans(PlanRepository plans, PlanService all, RoastService roasts, Clock clock) {
        this.clock = clock;
        this.plans = plans;
        this.all = all;
        this.roasts = roasts;
    }

    /** A plan with its one change. */
    public record ChangedPlan(long planId, ChangedView change) {}

    /** The one thing in which a plan differs from an earlier roast; empty where it was made otherwise, or is gone. */
    @Transactional(readOnly = true)
    public Optional<ChangedView> changed(long planId) {
        return plans.findById(planId).map(p -> p.content().changed());
    }

    /** Plans that change one thing of this roast, the newest first. */
    @Transactional(readOnly = true)
    public List<ChangedPlan> of(RoastEntity roast) {
        return plans.findAllByGreenSampleLotIdOrderByIdDesc(roast.lot().id()).stream()
                .filter(p -> p.content().changed() != null)
                .map(p -> new ChangedPlan(
                        p.id(), Objects.requireNonNull(p.content().changed())))
                .filter(p -> p.change().roastId() == roast.id())
                .toList();
    }

    /**
     * A plan in the style that suits its coffee, on its roaster's own terms, but towards these aims.
     *
     * @return the number of the plan
     * @throws InputProblems if its roaster cannot roast it
     */
    public long beginTowards(PlanEntry entry, Map<KeyFigure, Aim> aims) {
        PlanEntity plan = all.get(all.begin(entry).id());
        PlanContent begun = plan.content();
        Targets targets = begun.aimedAt();
        for (Map.Entry<KeyFigure, Aim> aim : aims.entrySet()) {
            targets = targets.with(aim.getKey(), aim.getValue());
        }
        PlanContent towards = new PlanContent(
                begun.schoolId(),
                begun.developmentFrom(),
                PlanContent.aims(targets),
                begun.greenG(),
                begun.chargeC(),
                begun.atCharge(),
                begun.steps(),
                begun.drop(),
                begun.templateRoastId(),
                begun.aim(),
                begun.changed());
        plan.keep(towards, clock.instant());
        return plan.id();
    }

    /**
     * Says of a roast which plan it followed, where it was logged elsewhere.
     *
     * @param planId empty for none
     * @throws Conflict if the plan is for another lot
     */
    public void followed(long roastId, @Nullable Long planId) {
        RoastEntity roast = roasts.get(roastId);
        if (planId != null
                && all.get(planId).greenSample().lot().id() != roast.lot().id()) {
            throw new Conflict("This plan is for another lot.", Map.of("planId", planId));
        }
        roast.followed(planId);
    }
}
