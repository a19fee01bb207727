package barrowmist.server.roast;

import barrowmist.core.green.Process;
import barrowmist.server.green.GreenChanged;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mends what was entered wrongly of a roast: when it was made, and of which lot. */
@Service
@KeptInTurn
class RoastMoves {

    /** Two computers' clocks and time zones lie no farther apart. */
    static final Duration A_DAY = Duration.ofDays(1);

    private final RoastService roasts;
    private final RoastRepository kept;
    private final GreenSampleService samples;
    private final ApplicationEventPublisher told;
    private final Clock clock;

    RoastMoves(
            RoastService roasts,
            RoastRepository kept,
            GreenSampleService samples,
            ApplicationEventPublisher told,
            Clock clock) {
        this.roasts = roasts;
        this.kept = kept;
        this.samples = samples;
        this.told = told;
        this.clock = clock;
    }

    /**
     * @param lotId left out to stay where it is
     * @param roastedAt left out to stay as it is
     * @throws InputProblems for a day to come
     * @throws Conflict if that lot has the same log already, or the roast is a pull
     */
    RoastView place(long id, @Nullable Long lotId, @Nullable Instant roastedAt) {
        RoastEntity roast = roasts.get(id);
        if (roastedAt != null) {
            refuseToCome(roastedAt, clock);
            roast.setRoastedAt(roastedAt);
        }
        if (lotId != null && lotId != roast.lot().id()) {
            if (roast.pulledFrom().isPresent()) {
                throw new Conflict("A pull goes with its batch: move that.", Map.of());
            }
            long from = roast.lot().id();
            Process before = roast.lot().process();
            move(roast, lotId);
            if (roast.accepted()) {
                // it teaches the process of its new lot, and no more that of the old one
                told.publishEvent(new ReferenceChanged(roast.machine().id(), before));
                told.publishEvent(
                        new ReferenceChanged(roast.machine().id(), roast.lot().process()));
            }
            List<RoastEntity> pulls = kept.findAllByPulledFromOrderById(id);
            pulls.forEach(p -> move(p, lotId));
            pulls.forEach(p -> told.publishEvent(new RoastChanged(p.id())));
            told.publishEvent(new GreenChanged(from));
            told.publishEvent(new GreenChanged(lotId));
        }
        told.publishEvent(new RoastChanged(id));
        kept.flush();
        return RoastView.of(roast);
    }

    /** Another roast that was made of the same log. */
    record SameLog(long roastId, String title) {}

    /** A log that is kept twice may stand under the wrong lot once. */
    @Transactional(readOnly = true)
    List<SameLog> sameLog(long id) {
        RoastEntity roast = roasts.get(id);
        return kept.findAllByContentHashAndIdNotOrderById(roast.contentHash(), id).stream()
                .map(r -> new SameLog(r.id(), r.title()))
                .toList();
    }

    private void move(RoastEntity roast, long lotId) {
        GreenSampleEntity sample =
                samples.ofLot(lotId, Optional.of(roast.greenSample().stage()).filter(s -> samples.has(lotId, s)));
        roast.importedAs()
                .flatMap(hash -> kept.findFirstByLotIdAndMachineIdAndContentHash(
                        lotId, roast.machine().id(), hash))
                .ifPresent(there -> {
                    throw new Conflict(
                            "This log is there already, as roast " + there.numberInLot() + " of "
                                    + there.lot().name() + ".",
                            Map.of("roastId", there.id()));
                });
        roast.moveTo(sample, roasts.nextNumber(lotId));
        kept.flush();
    }

    /** @throws InputProblems if it lies in the future: a log is of a roast that was */
    static void refuseToCome(Instant at, Clock clock) {
        if (at.isAfter(clock.instant().plus(A_DAY))) {
            throw new InputProblems(
                    "roasted_at",
                    "The roast is dated " + at.atZone(clock.getZone()).toLocalDate() + ", in the future");
        }
    }
}
