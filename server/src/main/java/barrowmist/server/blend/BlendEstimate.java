package barrowmist.server.blend;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.decision.Blend;
import barrowmist.core.decision.Blend.Part;
import barrowmist.core.decision.Blend.Suggested;
import barrowmist.core.decision.BlendAsked;
import barrowmist.core.decision.BlendAsked.PartAsked;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.blend.BlendViews.BlendPart;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.report.CupTelling;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.SpokenCauses;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Optionals;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the parts of a blend suggest; keeps nothing. Only told sheets are read. */
@Service
@Transactional(readOnly = true)
class BlendEstimate {

    private final GreenSampleService samples;
    private final CuppedSheets sheets;
    private final RoastLists roasts;
    private final SampleService bench;
    private final SpokenCauses causes;

    BlendEstimate(
            GreenSampleService samples,
            CuppedSheets sheets,
            RoastLists roasts,
            SampleService bench,
            SpokenCauses causes) {
        this.causes = causes;
        this.samples = samples;
        this.sheets = sheets;
        this.roasts = roasts;
        this.bench = bench;
    }

    /** @throws InputProblems if the shares are not a whole, or there are too few parts */
    Suggested of(BlendEntry entry) {
        InputProblems.refuseIfAny(problems(entry).problems());
        return Blend.of(entry.all().stream().map(this::part).toList(), entry.wantedKg());
    }

    static Checks problems(BlendEntry entry) {
        return BlendAsked.problems(
                entry.all().stream()
                        .map(p -> new PartAsked(
                                p.lotId() == null ? OptionalLong.empty() : OptionalLong.of(p.lotId()),
                                Optionals.of(p.share())))
                        .toList(),
                entry.wantedKg());
    }

    /** By roasts that nothing is held against: a fault of a roast says nothing of what the lot brings to a blend. */
    private Part part(BlendPart p) {
        long lotId = Objects.requireNonNull(p.lotId());
        GreenSampleEntity sample = samples.ofLot(lotId, Optional.empty());
        GreenFacts green = samples.facts(sample);
        List<Long> clean = roasts.tastedOfLot(lotId).stream()
                .map(RoastEntity::id)
                .filter(id -> causes.of(id).cause().isEmpty())
                .toList();
        List<ToldSheet> told = sheets.ofLot(lotId, CupUse.DECISION).counted().stream()
                .filter(s -> clean.contains(s.roastId()))
                .toList();
        Collection<BenchFigures> figures = bench.figures(clean).values();
        Map<String, Double> words = CupTelling.words(told).stream()
                .collect(Collectors.toMap(w -> w.word(), w -> (double) w.cups() / Math.max(1, w.ofCups())));
        return new Part(
                sample.lot().name(),
                Objects.requireNonNull(p.share()),
                told.stream().mapToDouble(s -> CupTelling.score(s.sheet())).average(),
                words,
                mean(figures, BenchFigures::colourGround),
                mean(figures, BenchFigures::weightLossPct),
                green.densityGPerL(),
                green.moisturePct(),
                sample.inspection()
                        .screens()
                        .map(s -> OptionalDouble.of(s.meanScreen()))
                        .orElse(OptionalDouble.empty()));
    }

    private static OptionalDouble mean(Collection<BenchFigures> of, Function<BenchFigures, OptionalDouble> figure) {
        return of.stream().map(figure).flatMapToDouble(OptionalDouble::stream).average();
    }
}
