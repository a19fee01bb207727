package barrowmist.server.sample;

import barrowmist.core.roast.RoastKind;
import barrowmist.core.sample.BenchFigures;
import barrowmist.server.green.QuakerCounts;
import barrowmist.server.roast.BatchWeights;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps bench figures. */
@Service
@KeptInTurn
public class SampleService implements BatchWeights, QuakerCounts {

    private final SampleRepository samples;

    private final ApplicationEventPublisher told;

    SampleService(SampleRepository samples, ApplicationEventPublisher told) {
        this.told = told;
        this.samples = samples;
    }

    public SampleView keep(long roastId, SampleEntry entry) {
        SampleEntity sample = samples.findById(roastId).orElseGet(() -> new SampleEntity(roastId));
        BenchFigures figures = entry.figures(sample.pulledG());
        InputProblems.refuseIfAny(figures.problems());
        Conflict.ifStale(entry.version(), sample.version(), "sample's bench figures");
        sample.keep(figures);
        told.publishEvent(new RoastChanged(roastId));
        SampleView view = samples.saveAndFlush(sample).view();
        samples.drawnOf(roastId);
        return view;
    }

    @Override
    public void keep(RoastEntity roast, @Nullable Double greenG, @Nullable Double roastedG) {
        if (greenG != null || roastedG != null) {
            keep(roast.id(), SampleEntry.weighed(greenG, roastedG));
        }
    }

    @Override
    @Transactional(readOnly = true)
    public List<Double> greenG(Collection<Long> roastIds) {
        return samples.greenG(roastIds);
    }

    @Override
    public void forget(RoastEntity roast) {
        BenchFigures figures = figures(roast.id());
        boolean pull = roast.kind() == RoastKind.PULL;
        if (!figures.equals(pull ? figures.asDrawn() : figures.asDropped())) {
            throw new Conflict(
                    "The bench has figures of this roast already: move its drop on the roast's own page.", Map.of());
        }
        samples.deleteById(roast.id());
    }

    @Override
    @Transactional(readOnly = true)
    public OptionalInt ofGreenSample(long greenSampleId) {
        return samples.withQuakers(greenSampleId).stream()
                .map(s -> s.figures().quakersPer100g())
                .flatMapToInt(OptionalInt::stream)
                .max();
    }

    /** Figures of a roast; all empty when nothing was measured. */
    @Transactional(readOnly = true)
    public BenchFigures figures(long roastId) {
        return samples.findById(roastId).map(SampleEntity::figures).orElseGet(BenchFigures::none);
    }

    /** The figures of these roasts, by their numbers; one that nothing was measured of is not there. */
    @Transactional(readOnly = true)
    public Map<Long, BenchFigures> figures(Collection<Long> roastIds) {
        return samples.findAllById(roastIds).stream()
                .collect(Collectors.toMap(SampleEntity::roastId, SampleEntity::figures));
    }

    /** The same of all that followed a plan, thousands at once. */
    @Transactional(readOnly = true)
    public Map<Long, BenchFigures> figuresOfPlan(long planId) {
        return samples.ofPlan(planId).stream().collect(Collectors.toMap(SampleEntity::roastId, SampleEntity::figures));
    }

    /** Figures of a roast as they travel; without any when nothing was measured. */
    @Transactional(readOnly = true)
    SampleView view(long roastId) {
        return samples.findById(roastId)
                .orElseGet(() -> new SampleEntity(roastId))
                .view();
    }

    private static final int LISTED = 500;

    /** Which of these roasts have figures. */
    @Transactional(readOnly = true)
    public Set<Long> measured(Collection<Long> roastIds) {
        return samples.measured(roastIds);
    }

    /** Figures of the newest roasts that have any. */
    @Transactional(readOnly = true)
    public List<SampleView> list() {
        return samples.ofNewestRoasts(PageRequest.of(0, LISTED)).stream()
                .map(SampleEntity::view)
                .toList();
    }
}
