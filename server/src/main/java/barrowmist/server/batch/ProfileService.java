package barrowmist.server.batch;

import barrowmist.core.decision.batch.Profile;
import barrowmist.server.access.Member;
import barrowmist.server.batch.BatchGathering.Gathered;
import barrowmist.server.batch.BatchViews.ProfileEntry;
import barrowmist.server.batch.BatchViews.ProfileView;
import barrowmist.server.plan.PlanEntity;
import barrowmist.server.plan.PlanService;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Approves plans for production, and holds every batch against them. */
@Service
@KeptInTurn
public class ProfileService {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NOTE = 400;

    private final ProfileRepository profiles;
    private final BatchGathering gathering;
    private final ProfileTargets targets;
    private final PlanService plans;
    private final RoastLists roasts;
    private final RoastService each;
    private final Clock clock;

    ProfileService(
            ProfileRepository profiles,
            BatchGathering gathering,
            ProfileTargets targets,
            PlanService plans,
            RoastLists roasts,
            RoastService each,
            Clock clock) {
        this.profiles = profiles;
        this.gathering = gathering;
        this.targets = targets;
        this.plans = plans;
        this.roasts = roasts;
        this.each = each;
        this.clock = clock;
    }

    /**
     * Approves a plan.
     *
     * @return the number of the profile
     * @throws InputProblems if there is no such plan or roast, or a figure is none
     * @throws Conflict if the version that it is to replace was replaced already
     */
    public long approve(ProfileEntry entry) {
        if (entry.planId() == null || !plans.exists(entry.planId())) {
            throw new InputProblems("planId", "planId is " + entry.planId() + ", which is the number of no plan");
        }
        PlanEntity plan = plans.get(entry.planId());
        // approved once more, a plan is the next version of what it is already: two that hold would share its batches
        Optional<ProfileEntity> before = Optional.ofNullable(entry.replaces())
                .map(this::one)
                .or(() -> profiles.findAllByPlanIdOrderByApprovedAt(plan.id()).stream()
                        .filter(p -> p.replacedBy().isEmpty())
                        .findFirst());
        before.filter(p -> p.replacedBy().isPresent()).ifPresent(p -> {
            throw new Conflict(
                    p.name() + ", version " + p.versionNo() + ", was replaced already: go on from the newest.",
                    Map.of());
        });
        Optional<RoastEntity> reference = reference(plan, entry.referenceId());
        Profile profile = entry.figures() == null ? targets.of(plan, reference) : ProfileAims.entered(entry.figures());
        ProfileEntity saved = profiles.save(new ProfileEntity(
                name(entry, before, plan),
                before.map(p -> p.versionNo() + 1).orElse(1),
                plan.id(),
                reference.map(RoastEntity::id).orElse(null),
                profile,
                new ProfileEntity.Approval(
                        Member.nameOfCaller(), clock.instant(), text("note", entry.note(), LONGEST_NOTE))));
        before.ifPresent(p -> p.replaced(saved.id()));
        return saved.id();
    }

    private static String name(ProfileEntry entry, Optional<ProfileEntity> before, PlanEntity plan) {
        return Optional.ofNullable(text("name", entry.name(), LONGEST_NAME))
                .or(() -> before.map(ProfileEntity::name))
                .orElseGet(() -> plan.greenSample().lot().name() + " on "
                        + plan.machine().name());
    }

    private static @Nullable String text(String field, @Nullable String text, int longest) {
        if (text == null || text.isBlank()) {
            return null;
        }
        if (text.strip().length() > longest) {
            throw new InputProblems(field, field + " has at most " + longest + " characters");
        }
        return text.strip();
    }

    /** The roast that batches are tasted beside: the one named, else the newest of the plan that was accepted. */
    private Optional<RoastEntity> reference(PlanEntity plan, @Nullable Long roastId) {
        if (roastId == null) {
            return roasts.ofPlan(plan.id()).stream()
                    .filter(RoastEntity::accepted)
                    .reduce((a, b) -> b);
        }
        RoastEntity named = each.get(roastId);
        if (named.machine().id() != plan.machine().id()) {
            throw new InputProblems(
                    "referenceId", named.title() + " was roasted on another roaster: a profile holds for one");
        }
        return Optional.of(named);
    }

    ProfileEntity one(long id) {
        return profiles.findById(id).orElseThrow(() -> new NotFound("profile", id));
    }

    @Transactional(readOnly = true)
    public List<ProfileView> list() {
        return profiles.findAllByOrderByNameAscVersionNoDesc().stream()
                .map(this::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public ProfileView view(long id) {
        return view(one(id));
    }

    private ProfileView view(ProfileEntity p) {
        PlanEntity plan = plans.get(p.planId());
        List<Gathered> batches = gathering.of(p);
        return new ProfileView(
                p.id(),
                p.name(),
                p.versionNo(),
                p.planId(),
                plan.machine().id(),
                plan.machine().name(),
                plan.greenSample().lot().id(),
                plan.greenSample().lot().name(),
                p.referenceId().orElse(null),
                ProfileAims.views(p.profile()),
                p.note(),
                p.approvedBy(),
                p.approvedAt(),
                p.replacedBy().orElse(null),
                batches.size(),
                (int) batches.stream().filter(g -> g.batch().held()).count(),
                BatchGathering.outturn(batches));
    }

    /**
     * Says of roasts that they followed this profile.
     *
     * @throws InputProblems if one is of another roaster, or none is named
     */
    public void followed(long id, @Nullable List<Long> roastIds) {
        ProfileEntity p = one(id);
        long machineId = plans.get(p.planId()).machine().id();
        if (roastIds == null || roastIds.isEmpty()) {
            throw new InputProblems("roastIds", "roastIds is missing, expected the numbers of roasts");
        }
        for (long roastId : roastIds) {
            RoastEntity roast = each.get(roastId);
            if (roast.machine().id() != machineId) {
                throw new InputProblems(
                        "roastIds",
                        roast.title() + " was roasted on " + roast.machine().name()
                                + ": a profile holds for one roaster");
            }
            roast.followed(p.planId());
            roast.setProduction(true);
        }
    }
}
