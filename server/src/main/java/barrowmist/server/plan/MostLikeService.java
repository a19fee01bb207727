package barrowmist.server.plan;

import barrowmist.core.green.Likeness;
import barrowmist.core.green.Likeness.Green;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastEntity;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds, for a green coffee, those most like it that a roaster has roasted, and what was roasted of them. */
@Service
@Transactional(readOnly = true)
class MostLikeService {

    private static final int LOOKED_AT = 200;
    private static final int SHOWN = 4;

    private final GreenSampleService greenSamples;
    private final MachineHistory history;

    MostLikeService(GreenSampleService greenSamples, MachineHistory history) {
        this.greenSamples = greenSamples;
        this.history = history;
    }

    /**
     * A green coffee that is like another, with its roast: the newest reference, else the newest.
     *
     * @param likePct 100 for the same in all that is known of both
     * @param because what is alike and what is not
     */
    record MostLikeView(
            long greenSampleId,
            String lotName,
            String stage,
            double likePct,
            List<String> because,
            long roastId,
            int number,
            Instant roastedAt,
            boolean accepted) {}

    /** The most like first; without the sample itself. Empty where the roaster has roasted nothing else. */
    List<MostLikeView> of(long sampleId, long machineId) {
        Green wanted = green(greenSamples.get(sampleId));
        Map<Long, RoastEntity> best = new LinkedHashMap<>();
        for (RoastEntity r : history.newest(machineId, LOOKED_AT)) {
            best.merge(
                    r.greenSample().id(), r, (newer, older) -> older.accepted() && !newer.accepted() ? older : newer);
        }
        best.remove(sampleId);
        return best.values().stream()
                .map(r -> view(r, Likeness.of(wanted, green(r.greenSample()))))
                .sorted(Comparator.comparingDouble(MostLikeView::likePct)
                        .thenComparing(MostLikeView::roastedAt)
                        .reversed())
                .limit(SHOWN)
                .toList();
    }

    private Green green(GreenSampleEntity sample) {
        return new Green(sample.lot().origin(), greenSamples.facts(sample));
    }

    private static MostLikeView view(RoastEntity r, Likeness like) {
        return new MostLikeView(
                r.greenSample().id(),
                r.lot().name(),
                r.greenSample().stage().label(),
                like.pct(),
                like.because(),
                r.id(),
                r.numberInLot(),
                r.roastedAt(),
                r.accepted());
    }
}
