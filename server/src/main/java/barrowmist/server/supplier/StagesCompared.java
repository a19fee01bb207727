package barrowmist.server.supplier;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.decision.ScoreDifference;
import barrowmist.core.decision.SupplierRecord.Compared;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.StageComparison;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.decision.HouseRules;
import barrowmist.server.green.GreenVerdicts;
import barrowmist.server.green.GreenViews.StagesView;
import barrowmist.server.green.LotView;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** One lot on arrival against the sample that was sent before: cup and green. */
@Component
class StagesCompared {

    private final GreenVerdicts green;
    private final RoastLists roasts;
    private final CuppedSheets sheets;
    private final HouseRules house;

    StagesCompared(GreenVerdicts green, RoastLists roasts, CuppedSheets sheets, HouseRules house) {
        this.house = house;
        this.green = green;
        this.roasts = roasts;
        this.sheets = sheets;
    }

    List<Compared> of(LotView lot) {
        List<Compared> out = new ArrayList<>();
        scores(lot, out);
        green.stages(lot.id()).stream()
                .filter(s -> s.later() == SampleStage.ARRIVAL)
                .forEach(s -> measured(lot, s, out));
        return out;
    }

    private static void measured(LotView lot, StagesView stages, List<Compared> out) {
        for (StageComparison f : stages.figures()) {
            if (f.earlier().isPresent() && f.later().isPresent()) {
                double before = f.earlier().getAsDouble();
                double after = f.later().getAsDouble();
                out.add(new Compared(
                        lot.id(), f.figure(), f.unit(), before, after, f.verdict() == StageComparison.Verdict.DIFFERS));
            }
        }
    }

    private void scores(LotView lot, List<Compared> out) {
        Map<Long, SampleStage> stage = roasts.tastedOfLot(lot.id()).stream()
                .collect(Collectors.toMap(RoastEntity::id, r -> r.greenSample().stage()));
        Map<SampleStage, List<Double>> scores = sheets.ofLot(lot.id(), CupUse.SUPPLIER).counted().stream()
                .filter(s -> stage.containsKey(s.roastId()))
                .collect(Collectors.groupingBy(
                        s -> Objects.requireNonNull(stage.get(s.roastId())),
                        Collectors.mapping(StagesCompared::score, Collectors.toList())));
        List<Double> before = scores.getOrDefault(SampleStage.PRE_SHIPMENT, List.of());
        List<Double> after = scores.getOrDefault(SampleStage.ARRIVAL, List.of());
        if (!before.isEmpty() && !after.isEmpty()) {
            ScoreDifference d = ScoreDifference.of(before, after, house.now());
            out.add(new Compared(lot.id(), "Score", "", d.before(), d.after(), d.sure()));
        }
    }

    private static double score(ToldSheet s) {
        return s.sheet().finalScore().orElseThrow();
    }
}
