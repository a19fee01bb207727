package barrowmist.server.blend;

import barrowmist.core.check.Checks;
import barrowmist.core.decision.Blend;
import barrowmist.core.decision.Blend.Part;
import barrowmist.core.decision.Blend.Suggested;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.blend.BlendViews.BlendPart;
import barrowmist.server.blend.BlendViews.BlendView;
import barrowmist.server.blend.BlendViews.PartNeeded;
import barrowmist.server.blend.BlendViews.WordShare;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.CuppedSheets.ToldSheet;
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
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the parts of a blend suggest; keeps nothing. Only told sheets are read. */
@Service
@Transactional(readOnly = true)
class BlendEstimate {

    private static final int MOST_PARTS = 8;
    private static final double WHOLE = 100;
    private static final double SAME = 0.5;
    private static final double LEAST_KG = 0.01;
    private static final double MOST_KG = 10_000;

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
    BlendView of(BlendEntry entry) {
        InputProblems.refuseIfAny(problems(entry).problems());
        Suggested s = Blend.of(entry.all().stream().map(this::part).toList(), entry.wantedKg());
        return new BlendView(
                Optionals.orNull(s.score()),
                Optionals.orNull(s.colourGround()),
                s.words().stream().map(w -> new WordShare(w.word(), w.share())).toList(),
                s.apart(),
                s.why(),
                s.needed().stream()
                        .map(n -> new PartNeeded(n.name(), n.roastedKg(), Optionals.orNull(n.greenKg())))
                        .toList());
    }

    static Checks problems(BlendEntry entry) {
        List<BlendPart> parts = entry.all();
        double sum = parts.stream()
                .mapToDouble(p -> p.share() == null ? 0 : p.share())
                .sum();
        long lots = parts.stream().map(BlendPart::lotId).distinct().count();
        Checks checks = new Checks().range("kg", "Kilos of the blend", entry.wantedKg(), LEAST_KG, MOST_KG, "kg");
        if (parts.size() < 2 || parts.size() > MOST_PARTS || parts.stream().anyMatch(BlendEstimate::lacks)) {
            checks.add("parts", "A blend has 2 to " + MOST_PARTS + " parts, each with a lot and a share above 0");
        } else if (lots < parts.size()) {
            checks.add("parts", "A lot stands there twice: put its shares together");
        } else if (Math.abs(sum - WHOLE) > SAME) {
            checks.add("parts", "The shares come to " + Math.round(sum) + " %, expected 100");
        }
        return checks;
    }

    private static boolean lacks(BlendPart p) {
        return p.lotId() == null || p.share() == null || !(p.share() > 0);
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
        List<ToldSheet> told = sheets.toldOfLot(lotId).stream()
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
