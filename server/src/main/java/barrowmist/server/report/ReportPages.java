package barrowmist.server.report;

import barrowmist.core.decision.Reason;
import barrowmist.core.green.StageComparison;
import barrowmist.core.units.Wording;
import barrowmist.server.decision.DecisionViews.DecidedView;
import barrowmist.server.decision.DecisionViews.DecisionView;
import barrowmist.server.green.GreenViews.StagesView;
import barrowmist.server.green.LotView;
import barrowmist.server.paper.Paper;
import barrowmist.server.report.LotReports.Gathered;
import barrowmist.server.report.LotReports.Told;
import barrowmist.server.report.PageModels.Fact;
import barrowmist.server.report.PageModels.LotPage;
import barrowmist.server.report.PageModels.ReasonLine;
import barrowmist.server.report.PageModels.RoastsPage;
import barrowmist.server.report.PageModels.StageLine;
import barrowmist.server.report.PageModels.StageTable;
import barrowmist.server.report.ReportViews.LotReport;
import barrowmist.server.report.ReportViews.MeasuredStage;
import barrowmist.server.report.ReportViews.ScoresView;
import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** Reports on paper: what matters on the first page, the roasts after it. */
@Component
class ReportPages {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    /** The shapes of our sources, as signs of the font. */
    private static final Map<String, String> SHAPES =
            Map.of("cup", "●", "log", "≈", "bench", "■", "green", "▲", "time", "◊", "table", "┼");

    private final RoastParts parts;
    private final Clock clock;

    ReportPages(RoastParts parts, Clock clock) {
        this.parts = parts;
        this.clock = clock;
    }

    byte[] lot(Gathered of, Wording wording) {
        LotReport r = of.report();
        LotView lot = r.lot();
        DecisionView d = r.decision();
        List<String> photos = parts.photos(r.measured().stream().map(MeasuredStage::photos));
        return Paper.write(
                "lot-report",
                new LotPage(
                        lot.name(),
                        lot.supplier() + " · " + lot.origin() + " · " + lot.process(),
                        facts(lot, d),
                        d.history().isEmpty()
                                ? "Not decided yet"
                                : decided(d.history().get(0)),
                        !d.history().isEmpty(),
                        d.history().isEmpty() ? "" : d.history().get(0).reason(),
                        d.proposal().label(),
                        d.proposal().reasons().stream().map(ReportPages::reason).toList(),
                        !d.missing().isEmpty(),
                        d.missing(),
                        r.scores().sheets() > 0,
                        scores(r.scores()),
                        r.scores().each().stream()
                                .map(s -> new Fact(
                                        s.cupper() + ", table " + s.cuppingId() + ", " + day(s.cuppedAt()) + ", "
                                                + s.stage(),
                                        String.format(Locale.ROOT, "%.2f", s.score())))
                                .toList(),
                        r.scores().leftOut(),
                        !r.words().isEmpty(),
                        RoastParts.words(r.words()),
                        measured(r.measured()),
                        !photos.isEmpty(),
                        photos,
                        !r.stages().isEmpty() || r.scores().sheets() > 0,
                        r.stages().stream().map(ReportPages::stages).toList(),
                        !of.roasts().isEmpty(),
                        of.roasts().stream().map(t -> parts.of(t, wording)).toList(),
                        "Told on " + DAY.format(clock.instant().atZone(clock.getZone()))));
    }

    private static List<Fact> facts(LotView lot, DecisionView d) {
        List<Fact> out = new ArrayList<>();
        out.add(new Fact("Arrived", DAY.format(lot.arrivalDate())));
        out.add(new Fact("Kilos", String.format(Locale.ROOT, "%.1f", lot.kg())));
        if (d.dueOn() != null) {
            out.add(new Fact("Due", DAY.format(d.dueOn())));
        }
        if (d.use() != null) {
            out.add(new Fact("Use", d.use()));
        }
        if (lot.supplierNotes() != null) {
            out.add(new Fact("The supplier says", lot.supplierNotes()));
        }
        return out;
    }

    private String decided(DecidedView d) {
        return "Decided: " + d.label() + ", by " + d.by() + ", " + WHEN.format(d.at().atZone(clock.getZone()));
    }

    private static ReasonLine reason(Reason r) {
        return new ReasonLine(
                SHAPES.getOrDefault(r.source().code(), "●"),
                r.speaksFor() ? "for it" : "against",
                r.text(),
                r.source().label());
    }

    private static String scores(ScoresView s) {
        if (s.mean() == null) {
            return "";
        }
        String spread = s.sd() == null ? "" : String.format(Locale.ROOT, " ± %.2f", s.sd());
        return String.format(
                Locale.ROOT,
                "%.2f%s over %s, %s, %s",
                s.mean(),
                spread,
                counted(s.sheets(), "sheet"),
                counted(s.tables(), "table"),
                counted(s.cuppers(), "cupper"));
    }

    private static String counted(int n, String of) {
        return n + " " + of + (n == 1 ? "" : "s");
    }

    private static List<Fact> measured(List<MeasuredStage> stages) {
        List<Fact> out = new ArrayList<>();
        for (MeasuredStage m : stages) {
            String grade = m.grade() == null ? "" : m.grade() + ". ";
            String said = m.said().isEmpty() ? "not measured" : String.join(" ", m.said());
            out.add(new Fact(m.stage() + " sample", grade + said));
        }
        return out;
    }

    static StageTable stages(StagesView s) {
        return new StageTable(
                s.earlier().label(),
                s.later().label(),
                s.figures().stream().map(ReportPages::stageLine).toList());
    }

    private static StageLine stageLine(StageComparison f) {
        String unit = f.unit().isEmpty() ? "" : " " + f.unit();
        return new StageLine(f.figure(), number(f.earlier(), unit), number(f.later(), unit), f.text());
    }

    private static String number(OptionalDouble value, String unit) {
        return value.isEmpty() ? "–" : String.format(Locale.ROOT, "%.2f", value.getAsDouble()) + unit;
    }

    private String day(Instant at) {
        return DAY.format(at.atZone(clock.getZone()));
    }

    byte[] roasts(String title, List<Told> told, ScoresView scores, Wording wording) {
        return Paper.write(
                "roast-report",
                new RoastsPage(
                        title,
                        told.stream().map(t -> parts.of(t, wording)).toList(),
                        scores.each().stream()
                                .map(s -> new Fact(
                                        s.cupper() + ", table " + s.cuppingId() + ", " + day(s.cuppedAt()),
                                        String.format(Locale.ROOT, "%.2f", s.score())))
                                .toList(),
                        scores.sheets() > 0,
                        "Told on " + day(clock.instant())));
    }
}
