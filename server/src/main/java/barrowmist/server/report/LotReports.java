package barrowmist.server.report;

import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.Drink.Serving;
import barrowmist.core.decision.Uses;
import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastKind;
import barrowmist.core.units.CsvTable;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.CupReading;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.decision.DecisionService;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenVerdicts;
import barrowmist.server.green.LotService;
import barrowmist.server.report.ReportViews.LotReport;
import barrowmist.server.report.ReportViews.MeasuredStage;
import barrowmist.server.report.ReportViews.ReportedRoast;
import barrowmist.server.report.ReportViews.WordCups;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastService;
import barrowmist.server.sample.PhotoService;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what is told of a lot. What is blind stays so: only told sheets are read. */
@Service
@Transactional(readOnly = true)
public class LotReports {

    /** So many roasts are told of one lot, the newest; batches of production are told by their profile. */
    private static final int MOST = 60;

    private final LotService lots;
    private final DecisionService decisions;
    private final GreenSampleService samples;
    private final GreenVerdicts green;
    private final RoastLists lists;
    private final RoastService roasts;
    private final CuppedSheets sheets;
    private final RoastTelling telling;
    private final ReportPages pages;
    private final ClaimPage claims;
    private final PhotoService photos;

    LotReports(
            LotService lots,
            DecisionService decisions,
            GreenSampleService samples,
            GreenVerdicts green,
            RoastLists lists,
            RoastService roasts,
            CuppedSheets sheets,
            RoastTelling telling,
            ReportPages pages,
            ClaimPage claims,
            PhotoService photos) {
        this.photos = photos;
        this.lots = lots;
        this.decisions = decisions;
        this.samples = samples;
        this.green = green;
        this.lists = lists;
        this.roasts = roasts;
        this.sheets = sheets;
        this.telling = telling;
        this.pages = pages;
        this.claims = claims;
    }

    /** A roast with its curve. */
    record Told(ReportedRoast roast, RoastAnalysis analysis) {}

    /** All that is told of a lot, with the curves of its roasts. */
    record Gathered(LotReport report, List<Told> roasts) {}

    public LotReport of(long lotId, Wording wording) {
        return gathered(lotId, wording).report();
    }

    byte[] page(long lotId, Wording wording) {
        return pages.lot(gathered(lotId, wording), wording);
    }

    /** The facts for the supplier: a cup that our roast, rest or table spoiled is no fact about the lot. */
    byte[] claim(long lotId, Wording wording) {
        CupReading reading = sheets.ofLot(lotId, CupUse.REPORT);
        Set<Long> ours =
                reading.byRoast().keySet().stream().filter(telling::isOurs).collect(Collectors.toSet());
        Gathered g = gathered(lotId, wording, reading.without(ours));
        return claims.of(g.report(), g.roasts());
    }

    private Gathered gathered(long lotId, Wording wording) {
        return gathered(lotId, wording, sheets.ofLot(lotId, CupUse.REPORT));
    }

    private Gathered gathered(long lotId, Wording wording, CupReading reading) {
        var lot = lots.view(lotId);
        List<ToldSheet> told = reading.counted();
        Map<Long, List<ToldSheet>> byRoast = reading.byRoast();
        List<RoastEntity> all = lists.tastedOfLot(lotId).stream()
                // a pull is part of the batch that it was drawn from
                .filter(r -> r.kind() == RoastKind.BATCH)
                .filter(r -> !r.production() || byRoast.containsKey(r.id()))
                .sorted(Comparator.comparing(RoastEntity::roastedAt))
                .toList();
        Map<Long, String> stage = all.stream()
                .collect(Collectors.toMap(
                        RoastEntity::id, r -> r.greenSample().stage().label()));
        List<Told> roastsTold = new ArrayList<>();
        for (RoastEntity r : all.subList(Math.max(0, all.size() - MOST), all.size())) {
            RoastAnalysis analysis = roasts.analyzed(r.id()).analysis();
            roastsTold.add(
                    new Told(telling.of(r, analysis, byRoast.getOrDefault(r.id(), List.of()), wording), analysis));
        }
        LotReport report = new LotReport(
                lot,
                decisions.of(lotId),
                CupTelling.scores(reading, stage),
                CupTelling.words(told),
                uses(reading, roastsTold),
                samples.stagesOf(lotId).stream().map(this::measured).toList(),
                green.stages(lotId),
                roastsTold.stream().map(Told::roast).toList());
        return new Gathered(report, roastsTold);
    }

    /** By the cups that nothing is held against: a fault of a roast says nothing of what the lot is good for. */
    private static List<Uses.Use> uses(CupReading reading, List<Told> of) {
        Set<Long> faulty = of.stream()
                .map(Told::roast)
                .filter(r -> r.cause() != null)
                .map(ReportedRoast::roastId)
                .collect(Collectors.toSet());
        List<ToldSheet> clean = reading.without(faulty).counted();
        return Uses.of(CupTelling.profile(clean, served(reading)));
    }

    /** How it stood on the tables, sheets apart included. */
    private static Set<Serving> served(CupReading reading) {
        Set<CupTrait> traits = Stream.concat(reading.counted().stream(), reading.apart().stream())
                .flatMap(s -> s.traits().stream())
                .collect(Collectors.toSet());
        return Stream.of(Serving.values())
                .filter(s -> traits.contains(CupTrait.valueOf(s.name())))
                .collect(Collectors.toSet());
    }

    private MeasuredStage measured(GreenSampleEntity sample) {
        return new MeasuredStage(
                sample.stage().label(),
                green.grade(sample).map(Grade::name).map(Grade.Name::label).orElse(null),
                green.judged(sample).stream().map(GreenJudgement::text).toList(),
                photos.ofGreenSample(sample.id()));
    }

    private static final List<String> HEADER = List.of(
            "roast_id", "title", "stage", "roaster", "roasted_at", "figures", "faults", "score", "words", "cause");

    /** A roast a row. */
    String csv(long lotId, Wording wording) {
        List<List<Object>> rows = new ArrayList<>();
        for (ReportedRoast r : of(lotId, wording).roasts()) {
            rows.add(List.of(
                    r.roastId(),
                    r.title(),
                    r.stage(),
                    r.machineName(),
                    r.roastedAt().toString(),
                    r.figures().stream().map(f -> f.name() + " " + f.text()).collect(Collectors.joining("; ")),
                    String.join("; ", r.faults()),
                    r.score() == null ? "" : r.score(),
                    r.words().stream().map(LotReports::written).collect(Collectors.joining("; ")),
                    Objects.requireNonNullElse(r.cause(), "")));
        }
        return CsvTable.write(HEADER, rows);
    }

    static String written(WordCups w) {
        return w.word() + " " + w.cups() + "/" + w.ofCups();
    }
}
