package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import barrowmist.server.green.QuakerCounts;
import barrowmist.server.roast.BatchWeights;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps bench figures. */
@Service
@Transactional
public class SampleService implements BatchWeights, QuakerCounts {

    private final SampleRepository samples;

    SampleService(SampleRepository samples) {
        this.samples = samples;
    }

    public SampleView keep(long roastId, SampleEntry entry) {
        BenchFigures figures = entry.figures();
        InputProblems.refuseIfAny(figures.problems());
        SampleEntity sample = samples.findById(roastId).orElseGet(() -> new SampleEntity(roastId));
        sample.keep(figures);
        return SampleView.of(roastId, samples.save(sample).figures());
    }

    @Override
    public void keep(RoastEntity roast, @Nullable Double greenG, @Nullable Double roastedG) {
        if (greenG != null || roastedG != null) {
            keep(roast.id(), new SampleEntry(greenG, roastedG, null, null, null, null, null, null, null));
        }
    }

    @Override
    public void forget(RoastEntity roast) {
        BenchFigures figures = figures(roast.id());
        if (!figures.equals(figures.onlyGreen())) {
            throw new Conflict(
                    "The bench has figures of this roast already: move its drop on the roast's own page.", Map.of());
        }
        samples.deleteById(roast.id());
    }

    @Override
    @Transactional(readOnly = true)
    public OptionalInt ofGreenSample(long greenSampleId) {
        return samples.quakers(greenSampleId).stream().mapToInt(q -> q).max();
    }

    /** Figures of a roast; all empty when nothing was measured. */
    @Transactional(readOnly = true)
    public BenchFigures figures(long roastId) {
        return samples.findById(roastId).map(SampleEntity::figures).orElseGet(BenchFigures::none);
    }

    /** All samples with figures. */
    @Transactional(readOnly = true)
    public List<SampleView> list() {
        return samples.findAll().stream()
                .map(s -> SampleView.of(s.roastId(), s.figures()))
                .toList();
    }
}
