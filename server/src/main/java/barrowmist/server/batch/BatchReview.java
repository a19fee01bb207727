package barrowmist.server.batch;

import barrowmist.core.decision.batch.BatchFigure;
import barrowmist.core.decision.batch.Capability;
import barrowmist.core.decision.batch.ControlChart;
import barrowmist.core.decision.batch.ControlLimits;
import barrowmist.core.decision.batch.Profile;
import barrowmist.core.decision.batch.WhatChanged;
import barrowmist.core.decision.batch.WhatChanged.Done;
import barrowmist.core.plan.Aim;
import barrowmist.core.units.Wording;
import barrowmist.server.batch.BatchGathering.Gathered;
import barrowmist.server.batch.BatchViews.BatchFigureView;
import barrowmist.server.batch.BatchViews.ChartView;
import barrowmist.server.batch.BatchViews.ProfileBatch;
import barrowmist.server.batch.BatchViews.ProfileBatches;
import barrowmist.server.machine.UpkeepService;
import barrowmist.server.plan.PlanService;
import barrowmist.server.trace.RuleService;
import barrowmist.server.web.Optionals;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every batch of a profile against it, and the control charts that they make. */
@Service
@Transactional(readOnly = true)
public class BatchReview {

    private final ProfileService profiles;
    private final BatchGathering gathering;
    private final BagRepository bags;
    private final PlanService plans;
    private final UpkeepService upkeep;
    private final RuleService rules;

    BatchReview(
            ProfileService profiles,
            BatchGathering gathering,
            BagRepository bags,
            PlanService plans,
            UpkeepService upkeep,
            RuleService rules) {
        this.rules = rules;
        this.plans = plans;
        this.upkeep = upkeep;
        this.profiles = profiles;
        this.gathering = gathering;
        this.bags = bags;
    }

    /**
     * Every batch against the profile.
     *
     * @param further whether runs and trends are signals too
     */
    public ProfileBatches batches(long id, boolean further, Wording wording) {
        ProfileEntity p = profiles.one(id);
        Profile profile = p.profile();
        List<Gathered> all = gathering.of(p);
        Map<Long, List<String>> packed = bags.ofPlan(p.planId()).stream()
                .collect(Collectors.groupingBy(
                        BagEntity::roastId, Collectors.mapping(BagEntity::bag, Collectors.toList())));
        List<ProfileBatch> views = new ArrayList<>();
        for (Gathered g : all) {
            views.add(new ProfileBatch(
                    g.roast().roastId(),
                    g.roast().title(),
                    g.roast().roastedAt(),
                    g.roast().roastedBy(),
                    figures(profile, g),
                    g.release().map(ReleaseEntity::released).orElse(null),
                    g.release().map(ReleaseEntity::reason).orElse(null),
                    packed.getOrDefault(g.roast().roastId(), List.of())));
        }
        var batches = all.stream().map(Gathered::batch).toList();
        List<Done> done = upkeep.of(plans.get(p.planId()).machine().id()).stream()
                .map(u -> new Done(u.on(), u.text()))
                .toList();
        double falseCallsPct = rules.current().rules().value("decision.false-calls");
        List<ChartView> charts = profile.charts(batches, falseCallsPct / 100, further).stream()
                .map(c -> chart(
                        c,
                        Objects.requireNonNull(profile.aims().get(c.figure())),
                        WhatChanged.of(c, batches, done, wording),
                        wording))
                .toList();
        return new ProfileBatches(views, charts, falseCallsPct, BatchGathering.outturn(all));
    }

    static List<BatchFigureView> figures(Profile profile, Gathered of) {
        return profile.of(of.batch()).stream()
                .map(h -> new BatchFigureView(
                        h.figure().code(),
                        Optionals.orNull(h.value()),
                        h.aim().value(),
                        h.aim().tolerance(),
                        h.within()))
                .toList();
    }

    private static ChartView chart(ControlChart c, Aim aim, List<String> changed, Wording wording) {
        BatchFigure f = c.figure();
        Optional<ControlLimits> l = c.limits();
        return new ChartView(
                f.code(),
                f.label(),
                f.unit(),
                aim.value(),
                aim.tolerance(),
                l.map(ControlLimits::centre).orElse(null),
                l.map(ControlLimits::lower).orElse(null),
                l.map(ControlLimits::upper).orElse(null),
                l.map(ControlLimits::n).orElse(0),
                c.points(),
                c.signals(),
                c.driftsNow().isPresent(),
                Capability.said(c, aim, wording),
                changed);
    }
}
