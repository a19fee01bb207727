package barrowmist.server.batch;

import barrowmist.core.decision.batch.Batch;
import barrowmist.core.decision.batch.Outturn;
import barrowmist.core.decision.batch.Outturn.HeldBack;
import barrowmist.core.sample.BenchFigures;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastLists.Followed;
import barrowmist.server.sample.SampleService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The batches of a profile: what followed its plan while it held. */
@Component
class BatchGathering {

    private final ProfileRepository profiles;
    private final ReleaseRepository releases;
    private final RoastLists roasts;
    private final SampleService samples;
    private final Clock clock;

    BatchGathering(
            ProfileRepository profiles,
            ReleaseRepository releases,
            RoastLists roasts,
            SampleService samples,
            Clock clock) {
        this.profiles = profiles;
        this.releases = releases;
        this.roasts = roasts;
        this.samples = samples;
        this.clock = clock;
    }

    /** A batch in the core's terms, with what is kept of it. */
    record Gathered(Batch batch, Followed roast, double greenG, Optional<ReleaseEntity> release) {}

    /** Oldest first. */
    List<Gathered> of(ProfileEntity profile) {
        List<ProfileEntity> versions = profiles.findAllByPlanIdOrderByApprovedAt(profile.planId());
        List<Followed> followed = roasts.followed(profile.planId()).stream()
                .filter(r -> holdsFor(profile, versions, r.roastedAt()))
                .toList();
        Map<Long, BenchFigures> bench = samples.figuresOfPlan(profile.planId());
        Map<Long, ReleaseEntity> kept = releases.ofPlan(profile.planId()).stream()
                .collect(Collectors.toMap(ReleaseEntity::roastId, Function.identity()));
        List<Gathered> out = new ArrayList<>();
        for (Followed r : followed) {
            LocalDate day = LocalDate.ofInstant(r.roastedAt(), clock.getZone());
            BenchFigures b = bench.getOrDefault(r.roastId(), BenchFigures.none());
            ReleaseEntity release = kept.get(r.roastId());
            Batch batch = new Batch(
                    r.roastId(),
                    day,
                    r.lotName(),
                    Objects.requireNonNullElse(r.roastedBy(), ""),
                    r.figures(),
                    b.weightLossPct(),
                    b.colourGround(),
                    release != null && !release.released());
            out.add(new Gathered(batch, r, b.greenG().orElse(0), Optional.ofNullable(release)));
        }
        return out;
    }

    /** A plan may have been approved more than once: a batch counts for the version that held when it was roasted. */
    private static boolean holdsFor(ProfileEntity profile, List<ProfileEntity> versions, Instant at) {
        int i = 0;
        while (versions.get(i).id() != profile.id()) {
            i++;
        }
        boolean begun = i == 0 || !at.isBefore(profile.approvedAt());
        boolean ended =
                i < versions.size() - 1 && !at.isBefore(versions.get(i + 1).approvedAt());
        return begun && !ended;
    }

    static String outturn(List<Gathered> all) {
        return Outturn.text(
                all.size(),
                all.stream()
                        .filter(g -> g.batch().held())
                        .map(g -> new HeldBack(
                                g.greenG(),
                                g.release().map(ReleaseEntity::reason).orElse("no reason given")))
                        .toList());
    }
}
