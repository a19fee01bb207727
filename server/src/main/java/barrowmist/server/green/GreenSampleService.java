package barrowmist.server.green;

import barrowmist.core.check.Checks;
import barrowmist.core.green.DefectCount;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.SampleStage;
import barrowmist.server.green.GreenViews.DefectView;
import barrowmist.server.green.GreenViews.GradeView;
import barrowmist.server.green.GreenViews.GreenSampleEntry;
import barrowmist.server.green.GreenViews.GreenSampleView;
import barrowmist.server.green.GreenViews.InspectionEntry;
import barrowmist.server.green.GreenViews.InspectionView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the samples of lots and their inspections. */
@Service
@KeptInTurn
public class GreenSampleService {

    private final GreenSampleRepository samples;
    private final LotService lots;
    private final QuakerCounts quakers;
    private final GreenLimitsService limits;
    private final Clock clock;
    private final ApplicationEventPublisher told;

    GreenSampleService(
            GreenSampleRepository samples,
            LotService lots,
            QuakerCounts quakers,
            GreenLimitsService limits,
            Clock clock,
            ApplicationEventPublisher told) {
        this.told = told;
        this.samples = samples;
        this.lots = lots;
        this.quakers = quakers;
        this.limits = limits;
        this.clock = clock;
    }

    /** @throws NotFound if there is no sample of this id */
    public GreenSampleEntity get(long id) {
        return samples.findById(id).orElseThrow(() -> new NotFound("green sample", id));
    }

    /** Whether a lot has a sample of this stage. */
    public boolean has(long lotId, SampleStage stage) {
        return samples.findAllByLotIdOrderById(lotId).stream().anyMatch(s -> s.stage() == stage);
    }

    /** The sample of a stage; without a stage the arrival sample, else the one there is. */
    public GreenSampleEntity ofLot(long lotId, Optional<SampleStage> stage) {
        lots.get(lotId);
        List<GreenSampleEntity> all = samples.findAllByLotIdOrderById(lotId);
        SampleStage wanted = stage.orElse(SampleStage.ARRIVAL);
        return all.stream()
                .filter(s -> s.stage() == wanted)
                .findFirst()
                .or(() -> stage.isEmpty() ? all.stream().findFirst() : Optional.empty())
                .orElseThrow(() -> new InputProblems(
                        "stage", "This lot has no " + wanted.label() + " sample: add it to the lot first"));
    }

    @Transactional(readOnly = true)
    public List<GreenSampleView> list() {
        Map<Long, Long> roasts = lots.roastsOfSamples();
        return samples.findAllByLotPutAsideFalseOrderByLotIdDescIdAsc().stream()
                .map(s -> view(s, roasts.getOrDefault(s.id(), 0L)))
                .toList();
    }

    /** A sample by its number and the name of its lot. */
    public record Named(long id, String lotName) {}

    /** Inspected samples that may be roasted and were not, newest lot first. */
    @Transactional(readOnly = true)
    public List<Named> unroasted() {
        return samples.unroasted().stream()
                .filter(s -> !GreenJudgement.stops(s.inspection()))
                .map(s -> new Named(s.id(), s.lot().name()))
                .toList();
    }

    @Transactional(readOnly = true)
    List<GreenSampleView> ofLot(long lotId) {
        Map<Long, Long> roasts = lots.roastsOfSamples();
        return stagesOf(lotId).stream()
                .map(s -> view(s, roasts.getOrDefault(s.id(), 0L)))
                .toList();
    }

    /** By stage. */
    public List<GreenSampleEntity> stagesOf(long lotId) {
        lots.get(lotId);
        return samples.findAllByLotIdOrderById(lotId).stream()
                .sorted(Comparator.comparing(GreenSampleEntity::stage))
                .toList();
    }

    public GreenSampleView add(long lotId, GreenSampleEntry entry) {
        LotEntity lot = lots.get(lotId);
        SampleStage stage = entry.stage();
        InputProblems.refuseIfAny(
                new Checks().chosen("stage", SampleStage.class, stage).problems());
        if (samples.findByLotIdAndStage(lotId, stage).isPresent()) {
            throw new InputProblems("stage", "There is a sample of this stage already: " + stage.label());
        }
        LocalDate today = LocalDate.now(clock);
        LocalDate received = entry.receivedOn() == null ? today : entry.receivedOn();
        if (received.isAfter(today.plusDays(1))) {
            throw new InputProblems("receivedOn", "Received is " + received + ", allowed is any day to today");
        }
        return view(samples.save(new GreenSampleEntity(lot, stage, received)), 0);
    }

    public InspectionView keep(long id, InspectionEntry entry) {
        GreenSampleEntity sample = get(id);
        if (entry.content() == null) {
            throw new InputProblems("content", "content is missing, expected the inspection");
        }
        Conflict.ifStale(entry.version(), sample.version(), "inspection");
        Inspection inspection = entry.content();
        InputProblems.refuseIfAny(inspection.problems(LocalDate.now(clock)));
        sample.keep(inspection);
        told.publishEvent(new GreenChanged(sample.lot().id()));
        samples.flush();
        return view(id);
    }

    @Transactional(readOnly = true)
    InspectionView view(long id) {
        GreenSampleEntity sample = get(id);
        Inspection inspection = sample.inspection();
        DefectCount count = count(sample);
        return new InspectionView(
                view(sample, lots.roastsOfSamples().getOrDefault(id, 0L)),
                sample.version(),
                inspection,
                inspection.density(),
                inspection.screens(),
                GreenJudgement.of(inspection, limits.current(), LocalDate.now(clock)),
                DefectView.of(inspection, count),
                count == null ? null : GradeView.of(count));
    }

    private @Nullable DefectCount count(GreenSampleEntity sample) {
        return sample.inspection()
                .defectCount(quakers.ofGreenSample(sample.id()))
                .orElse(null);
    }

    private GreenSampleView view(GreenSampleEntity s, long roasts) {
        DefectCount count = count(s);
        var facts = s.facts();
        return new GreenSampleView(
                s.id(),
                s.lot().id(),
                s.lot().name(),
                s.lot().process(),
                s.stage(),
                s.receivedOn(),
                s.inspected(),
                roasts,
                facts.moisturePct(),
                facts.densityGPerL(),
                count == null ? null : count.grade().name().label(),
                GreenJudgement.stops(s.inspection()));
    }

    /** What is known of the coffee of a sample, judged by the lab's own limits. */
    @Transactional(readOnly = true)
    public GreenFacts facts(GreenSampleEntity sample) {
        return sample.facts().by(limits.current());
    }
}
