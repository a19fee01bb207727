package barrowmist.server.green;

import barrowmist.core.green.DefectCount;
import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.StageComparison;
import barrowmist.server.green.GreenViews.StagesView;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What an inspection comes to, for those who decide by it. */
@Service
@Transactional(readOnly = true)
public class GreenVerdicts {

    private final GreenSampleService samples;
    private final GreenLimitsService limits;
    private final QuakerCounts quakers;
    private final Clock clock;

    GreenVerdicts(GreenSampleService samples, GreenLimitsService limits, QuakerCounts quakers, Clock clock) {
        this.samples = samples;
        this.limits = limits;
        this.quakers = quakers;
        this.clock = clock;
    }

    /** What was inspected of a sample, against the lab's limits. */
    public List<GreenJudgement> judged(GreenSampleEntity sample) {
        return GreenJudgement.of(sample.inspection(), limits.current(), LocalDate.now(clock));
    }

    /** The grade by its defect count; empty where none was counted. */
    public Optional<Grade> grade(GreenSampleEntity sample) {
        return sample.inspection()
                .defectCount(quakers.ofGreenSample(sample.id()))
                .map(DefectCount::grade);
    }

    /** The newest stage of a lot held against the one before it; empty where there is one. */
    public List<StageComparison> newestAgainstBefore(long lotId) {
        List<GreenSampleEntity> all = samples.stagesOf(lotId);
        return all.size() < 2
                ? List.of()
                : StageComparison.of(
                        all.get(all.size() - 2).inspection(),
                        all.get(all.size() - 1).inspection());
    }

    /** Each stage held against the one before it. */
    public List<StagesView> stages(long lotId) {
        List<GreenSampleEntity> all = samples.stagesOf(lotId);
        List<StagesView> out = new ArrayList<>();
        for (int i = 1; i < all.size(); i++) {
            GreenSampleEntity a = all.get(i - 1);
            GreenSampleEntity b = all.get(i);
            out.add(new StagesView(a.stage(), b.stage(), StageComparison.of(a.inspection(), b.inspection())));
        }
        return out;
    }
}
