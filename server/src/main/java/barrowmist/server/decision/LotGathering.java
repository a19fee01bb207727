package barrowmist.server.decision;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.FormScores;
import barrowmist.core.decision.LotEvidence;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenJudgement;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenVerdicts;
import barrowmist.server.green.QuakerCounts;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.store.ContractService;
import barrowmist.server.trace.SpokenCauses;
import barrowmist.server.trace.SpokenCauses.Spoken;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Gathers what speaks for and against a lot. What is blind stays so: only told sheets are read. */
@Component
class LotGathering {

    private static final String MOISTURE = "moisturePct";

    private final GreenSampleService samples;
    private final GreenVerdicts green;
    private final RoastLists roasts;
    private final CuppedSheets sheets;
    private final SpokenCauses causes;
    private final ContractService contracts;
    private final QuakerCounts quakers;
    private final StagesTold stagesTold;

    LotGathering(
            GreenSampleService samples,
            GreenVerdicts green,
            RoastLists roasts,
            CuppedSheets sheets,
            SpokenCauses causes,
            ContractService contracts,
            QuakerCounts quakers,
            StagesTold stagesTold) {
        this.stagesTold = stagesTold;
        this.samples = samples;
        this.green = green;
        this.roasts = roasts;
        this.sheets = sheets;
        this.causes = causes;
        this.contracts = contracts;
        this.quakers = quakers;
    }

    LotEvidence of(long lotId) {
        GreenSampleEntity sample = samples.ofLot(lotId, Optional.empty());
        Map<Long, CuppedRoast> cupped = cupped(lotId);
        Set<Long> faulty = cupped.entrySet().stream()
                .filter(c -> c.getValue().cause().isPresent())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        return new LotEvidence(
                measured(sample),
                sample.stage(),
                green.grade(sample),
                green.newestAgainstBefore(lotId),
                List.copyOf(cupped.values()),
                quakers.ofGreenSample(sample.id()),
                sample.lot().kg(),
                stagesTold.apart(lotId, faulty));
    }

    /** What was inspected; a moisture that stands with the lot alone counts as well. */
    private List<GreenJudgement> measured(GreenSampleEntity sample) {
        List<GreenJudgement> out = new ArrayList<>(contracts.of(sample.lot()).against(sample.inspection()));
        out.addAll(green.judged(sample));
        GreenFacts facts = samples.facts(sample);
        if (out.stream().noneMatch(j -> j.field().equals(MOISTURE))) {
            facts.moisturePct().ifPresent(pct -> out.add(ofTheLot(pct, !facts.moist() && !facts.dry())));
        }
        return out;
    }

    private static GreenJudgement ofTheLot(double moisturePct, boolean within) {
        return new GreenJudgement(
                MOISTURE,
                within ? GreenJudgement.Verdict.GOOD : GreenJudgement.Verdict.OUT,
                "%.1f %% by the lot's own entry, %s the lab's limits."
                        .formatted(moisturePct, within ? "within" : "outside"));
    }

    /** By the numbers of the roasts, oldest first. */
    private Map<Long, CuppedRoast> cupped(long lotId) {
        Map<Long, List<ToldSheet>> cupped = sheets.ofLot(lotId, CupUse.DECISION).everyByRoast();
        Map<Long, CuppedRoast> out = new LinkedHashMap<>();
        roasts.all(cupped.keySet()).stream()
                .sorted(Comparator.comparing(RoastEntity::roastedAt))
                .forEach(r -> out.put(r.id(), roast(r, cupped.getOrDefault(r.id(), List.of()))));
        return out;
    }

    private CuppedRoast roast(RoastEntity roast, List<ToldSheet> of) {
        FormScores scores = FormScores.of(
                of.stream().filter(LotGathering::scores).map(ToldSheet::sheet).toList());
        Spoken spoken = causes.of(roast.id());
        return new CuppedRoast(
                "Roast " + roast.numberInLot(), roast.greenSample().stage(), scores, spoken.cause(), spoken.borneOut());
    }

    /** Whether its score stands against a floor: what stands apart for its form alone has a floor of its own. */
    private static boolean scores(ToldSheet s) {
        return CupCounting.reason(s.traits(), CupUse.DECISION)
                .map(why -> why == CupTrait.AFFECTIVE && otherwise(s) == Answer.YES)
                .orElse(true);
    }

    private static Answer otherwise(ToldSheet s) {
        return CupCounting.of(
                s.traits().stream().filter(t -> t != CupTrait.AFFECTIVE).toList(), CupUse.DECISION);
    }
}
