package barrowmist.server.report;

import barrowmist.core.decision.Contract;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.SampleStage;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.LotService;
import barrowmist.server.paper.Paper;
import barrowmist.server.report.LotReports.Told;
import barrowmist.server.report.PageModels.Fact;
import barrowmist.server.report.ReportViews.LotReport;
import barrowmist.server.report.ReportViews.MeasuredStage;
import barrowmist.server.report.ReportViews.ReportedRoast;
import barrowmist.server.report.ReportViews.ScoreAtTable;
import barrowmist.server.store.ContractService;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A claim on paper, for the supplier: the facts against what was agreed and what was shown before; no word of ours about the cause. */
@Component
class ClaimPage {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final LotService lots;
    private final GreenSampleService samples;
    private final ContractService contracts;
    private final RoastParts parts;
    private final Clock clock;

    ClaimPage(LotService lots, GreenSampleService samples, ContractService contracts, RoastParts parts, Clock clock) {
        this.lots = lots;
        this.samples = samples;
        this.contracts = contracts;
        this.parts = parts;
        this.clock = clock;
    }

    /** What the template is filled with. */
    record Filled(
            String title,
            String to,
            List<Fact> facts,
            boolean hasWhy,
            String why,
            List<Fact> agreed,
            boolean hasAgreed,
            List<PageModels.StageTable> stages,
            List<Fact> scores,
            boolean hasScores,
            String words,
            List<String> photos,
            boolean hasPhotos,
            String retained) {}

    @Transactional(readOnly = true)
    byte[] of(LotReport report, List<Told> roasts) {
        var lot = report.lot();
        List<GreenSampleEntity> stages = samples.stagesOf(lot.id());
        Contract contract = contracts.of(lots.get(lot.id()));
        List<Fact> agreed = agreed(contract, stages, report);
        var history = report.decision().history();
        List<String> photos = parts.photos(Stream.concat(
                report.measured().stream().map(MeasuredStage::photos),
                roasts.stream().map(Told::roast).map(ReportedRoast::photos)));
        return Paper.write(
                "claim",
                new Filled(
                        "Claim: " + lot.name(),
                        lot.supplier() + " · " + DAY.format(LocalDate.now(clock)),
                        List.of(
                                new Fact("Lot", lot.name() + ", " + lot.origin() + ", " + lot.process()),
                                new Fact("Arrived", DAY.format(lot.arrivalDate())),
                                new Fact("Kilos", String.format(Locale.ROOT, "%.1f", lot.kg()))),
                        !history.isEmpty(),
                        history.isEmpty() ? "" : history.get(0).reason(),
                        agreed,
                        !agreed.isEmpty(),
                        report.stages().stream().map(ReportPages::stages).toList(),
                        report.scores().each().stream().map(this::score).toList(),
                        report.scores().sheets() > 0,
                        RoastParts.words(report.words()),
                        photos,
                        !photos.isEmpty(),
                        retained(stages)));
    }

    /** Point by point: what was agreed, and what was found on arrival. */
    private static List<Fact> agreed(Contract contract, List<GreenSampleEntity> stages, LotReport report) {
        List<Fact> out = new ArrayList<>();
        arrival(stages)
                .ifPresent(s -> contract.against(s.inspection())
                        .forEach(j -> out.add(new Fact(within(j) ? "kept" : "not kept", j.text()))));
        Double mean = report.scores().mean();
        if (contract.scoreFloor().isPresent() && mean != null) {
            double floor = contract.scoreFloor().getAsDouble();
            out.add(new Fact(
                    mean >= floor ? "kept" : "not kept",
                    String.format(
                            Locale.ROOT,
                            "Contract, score: at least %.2f, found %.2f over %d sheets.",
                            floor,
                            mean,
                            report.scores().sheets())));
        }
        return out;
    }

    private static boolean within(GreenJudgement j) {
        return j.verdict() == GreenJudgement.Verdict.GOOD;
    }

    private static Optional<GreenSampleEntity> arrival(List<GreenSampleEntity> stages) {
        return stages.stream().filter(s -> s.stage() == SampleStage.ARRIVAL).findFirst();
    }

    private Fact score(ScoreAtTable s) {
        return new Fact(
                s.stage() + " sample, " + DAY.format(s.cuppedAt().atZone(clock.getZone())) + ", " + s.cupper(),
                String.format(Locale.ROOT, "%.2f", s.score()));
    }

    private static String retained(List<GreenSampleEntity> stages) {
        return stages.stream().anyMatch(s -> s.stage() == SampleStage.RETAINED)
                ? "A retained sample is kept and can be sent."
                : "No retained sample is entered.";
    }
}
