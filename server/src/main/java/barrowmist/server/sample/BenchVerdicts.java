package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchJudgement;
import barrowmist.core.sample.BenchLimits;
import barrowmist.core.sample.BenchNotes;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.sample.BenchController.KeptBenchLimits;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.StoredJson;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges roasted samples by the protocol and by the lab's own limits. */
@Service
@Transactional(readOnly = true)
public class BenchVerdicts {

    private static final StoredJson<BenchLimits> LIMITS = StoredJson.of("bench-limits", BenchLimits.class);

    private final SampleRepository samples;
    private final RoastService roasts;
    private final SettingStore settings;

    BenchVerdicts(SampleRepository samples, RoastService roasts, SettingStore settings) {
        this.samples = samples;
        this.roasts = roasts;
        this.settings = settings;
    }

    /** The lab's limits. */
    public BenchLimits limits() {
        return settings.get(LIMITS, () -> BenchLimits.DEFAULTS);
    }

    KeptBenchLimits keptLimits() {
        return new KeptBenchLimits(limits(), settings.version(LIMITS));
    }

    @KeptInTurn
    public KeptBenchLimits keep(KeptBenchLimits changed) {
        return new KeptBenchLimits(changed.limits(), settings.keep(LIMITS, changed.limits(), changed.version()));
    }

    BenchJudgement judge(long roastId) {
        RoastEntity roast = roasts.get(roastId);
        return BenchJudgement.of(figures(roast), roast.figures().totalS(), limits(), roast.madeFor());
    }

    /** What it shows that has no limit. */
    List<String> notes(long roastId) {
        RoastEntity roast = roasts.get(roastId);
        return BenchNotes.of(figures(roast), roast.lot().process(), roast.aim());
    }

    private BenchFigures figures(RoastEntity roast) {
        return samples.findById(roast.id()).map(SampleEntity::figures).orElseGet(BenchFigures::none);
    }

    /** What is to be said before such a roast is cupped: nothing, unless it is to be roasted again. */
    public Optional<String> warning(long roastId) {
        BenchJudgement judged = judge(roastId);
        return judged.verdict() == BenchJudgement.Verdict.ROAST_AGAIN
                ? Optional.of("The bench: " + judged.text())
                : Optional.empty();
    }

    /** The verdict on each roast by its id. */
    public Map<Long, BenchJudgement.Verdict> of(List<RoastEntity> roasts) {
        BenchLimits limits = limits();
        Map<Long, BenchFigures> figures = samples
                .findAllById(roasts.stream().map(RoastEntity::id).toList())
                .stream()
                .collect(Collectors.toMap(SampleEntity::roastId, SampleEntity::figures));
        return roasts.stream()
                .collect(Collectors.toMap(
                        RoastEntity::id,
                        r -> BenchJudgement.of(
                                        figures.getOrDefault(r.id(), BenchFigures.none()),
                                        r.figures().totalS(),
                                        limits,
                                        r.madeFor())
                                .verdict(),
                        (first, second) -> first));
    }
}
