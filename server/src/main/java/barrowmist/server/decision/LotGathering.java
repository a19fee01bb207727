package barrowmist.server.decision;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.decision.LotEvidence;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.trace.Cause;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenVerdicts;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.trace.KeptFindings;
import barrowmist.server.trace.TraceViews.TraceRow;
import barrowmist.server.trace.VerdictService;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gathers what speaks for and against a lot. What is blind stays so: only told sheets are read. */
@Component
class LotGathering {

    private static final String MOISTURE = "moisturePct";
    private static final String SUPPORTED = "supported";
    private static final String UNEXPLAINED = "unexplained";

    private final GreenSampleService samples;
    private final GreenVerdicts green;
    private final RoastLists roasts;
    private final CuppedSheets sheets;
    private final KeptFindings findings;
    private final VerdictService verdicts;

    LotGathering(
            GreenSampleService samples,
            GreenVerdicts green,
            RoastLists roasts,
            CuppedSheets sheets,
            KeptFindings findings,
            VerdictService verdicts) {
        this.samples = samples;
        this.green = green;
        this.roasts = roasts;
        this.sheets = sheets;
        this.findings = findings;
        this.verdicts = verdicts;
    }

    LotEvidence of(long lotId) {
        GreenSampleEntity sample = samples.ofLot(lotId, Optional.empty());
        return new LotEvidence(measured(sample), green.grade(sample), green.newestAgainstBefore(lotId), cupped(lotId));
    }

    /** What was inspected; a moisture that stands with the lot alone counts as well. */
    private List<GreenJudgement> measured(GreenSampleEntity sample) {
        List<GreenJudgement> out = new ArrayList<>(green.judged(sample));
        GreenFacts facts = samples.facts(sample);
        boolean measured = out.stream().anyMatch(j -> j.field().equals(MOISTURE));
        if (!measured && facts.moisturePct().isPresent() && (facts.moist() || facts.dry())) {
            out.add(new GreenJudgement(
                    MOISTURE,
                    GreenJudgement.Verdict.OUT,
                    "%.1f %% by the lot's own entry, outside the lab's limits."
                            .formatted(facts.moisturePct().getAsDouble())));
        }
        return out;
    }

    /** What is not known yet, with the quickest way to it. */
    List<String> missing(long lotId) {
        List<String> out = new ArrayList<>();
        GreenSampleEntity sample = samples.ofLot(lotId, Optional.empty());
        if (!sample.inspected()) {
            out.add("Inspect the " + sample.stage().label() + " sample.");
        }
        if (roasts.tastedOfLot(lotId).isEmpty()) {
            out.add("Roast a sample of it.");
        } else if (sheets.cuppedOfLot(lotId).isEmpty()) {
            out.add("Cup what was roasted of it.");
        }
        return out;
    }

    private List<CuppedRoast> cupped(long lotId) {
        Map<Long, List<CuppingSheet>> cupped = sheets.cuppedOfLot(lotId);
        Map<Long, TraceRow> rows =
                findings.of(cupped.keySet()).stream().collect(Collectors.toMap(TraceRow::roastId, Function.identity()));
        return roasts.all(cupped.keySet()).stream()
                .sorted(Comparator.comparing(RoastEntity::roastedAt))
                .map(r -> roast(r, cupped.getOrDefault(r.id(), List.of()), rows.get(r.id())))
                .toList();
    }

    /** By the lead's verdict where there is one, else by a finding that the cup speaks for. */
    private CuppedRoast roast(RoastEntity roast, List<CuppingSheet> of, @Nullable TraceRow row) {
        List<Double> scores = of.stream()
                .map(CuppingSheet::finalScore)
                .flatMapToDouble(OptionalDouble::stream)
                .boxed()
                .toList();
        Optional<String> held = verdicts.held(roast.id());
        String standing = row == null ? null : row.standing();
        boolean said = SUPPORTED.equals(standing) || UNEXPLAINED.equals(standing);
        Optional<Cause> cause = held.isPresent()
                ? held.flatMap(Cause::parse)
                : said && row != null && row.cause() != null ? Cause.parse(row.cause()) : Optional.empty();
        return new CuppedRoast(
                "Roast " + roast.numberInLot(),
                roast.greenSample().stage(),
                scores,
                cause,
                held.isPresent() || SUPPORTED.equals(standing));
    }
}
