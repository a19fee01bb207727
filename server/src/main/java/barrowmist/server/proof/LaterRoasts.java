package barrowmist.server.proof;

import barrowmist.core.rest.Rest;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableViews.RestWarning;
import barrowmist.server.plan.ChangedPlans;
import barrowmist.server.plan.ChangedPlans.ChangedPlan;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.proof.ProofViews.LaterRoast;
import barrowmist.server.proof.ProofViews.OtherRoast;
import barrowmist.server.rest.RestSettings;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was roasted of a lot after a roast, and whether it may stand beside it. */
@Component
class LaterRoasts {

    /** So many of them are told in full. */
    private static final int MOST = 5;

    private final RoastLists roasts;
    private final ChangedPlans plans;
    private final CuppingService tables;
    private final RestSettings rest;
    private final Clock clock;

    LaterRoasts(RoastLists roasts, ChangedPlans plans, CuppingService tables, RestSettings rest, Clock clock) {
        this.roasts = roasts;
        this.plans = plans;
        this.tables = tables;
        this.rest = rest;
        this.clock = clock;
    }

    /** Those that followed its plan first, then the newest. */
    List<RoastEntity> of(RoastEntity before) {
        return roasts.tastedOfLot(before.lot().id()).stream()
                .filter(r -> r.id() != before.id() && r.roastedAt().isAfter(before.roastedAt()))
                .sorted(Comparator.comparing((RoastEntity r) -> changeOf(before, r) == null)
                        .thenComparing(RoastEntity::roastedAt, Comparator.reverseOrder()))
                .toList();
    }

    /** Other roasts of the lot that no plan of its trace was followed by, oldest first: they may have been made the same way. */
    List<RoastEntity> alike(RoastEntity before) {
        return roasts.tastedOfLot(before.lot().id()).stream()
                .filter(r -> r.id() != before.id() && changeOf(before, r) == null)
                .toList();
    }

    /** The same on the wire, the nearest in time. */
    List<OtherRoast> others(RoastEntity before) {
        return alike(before).stream()
                .sorted(Comparator.comparing((RoastEntity r) ->
                        Duration.between(r.roastedAt(), before.roastedAt()).abs()))
                .limit(MOST)
                .map(r -> new OtherRoast(r.id(), r.numberInLot(), r.roastedAt(), samePlan(before, r)))
                .toList();
    }

    /** Whether both followed one plan. */
    static boolean samePlan(RoastEntity one, RoastEntity other) {
        return one.planId() != null && one.planId().equals(other.planId());
    }

    /** The planned change of which a later roast came; empty where it followed no plan of this trace. */
    @Nullable
    ChangedView changeOf(RoastEntity before, RoastEntity after) {
        return Optional.ofNullable(after.planId())
                .flatMap(plans::changed)
                .filter(c -> c.roastId() == before.id())
                .orElse(null);
    }

    /** Plans that were made of its trace, the newest first. */
    List<ChangedPlan> plansOf(RoastEntity before) {
        return plans.of(before);
    }

    /** The same on the wire. */
    List<LaterRoast> views(RoastEntity before) {
        return of(before).stream().limit(MOST).map(r -> view(before, r)).toList();
    }

    private LaterRoast view(RoastEntity before, RoastEntity after) {
        Rest.State state = Rest.of(
                        rest.school(after.lot().process()),
                        after.lot().process(),
                        Rest.ageH(after.droppedAt(), clock.instant()))
                .state();
        List<String> warnings = tables.warnings(CuppingEntry.blind(List.of(before.id(), after.id()))).stream()
                .map(w -> said(w, before))
                .toList();
        return new LaterRoast(
                after.id(),
                after.numberInLot(),
                after.roastedAt(),
                changeOf(before, after) != null,
                state != Rest.State.RESTING,
                warnings);
    }

    private static String said(RestWarning w, RoastEntity before) {
        return (w.roastId() == before.id() ? "The old one: " : "The new one: ") + w.text();
    }
}
