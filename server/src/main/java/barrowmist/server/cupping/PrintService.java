package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.Reference;
import barrowmist.server.cupping.PreparationViews.PreparationView;
import barrowmist.server.cupping.PreparationViews.WeighedSample;
import barrowmist.server.cupping.SensoryViews.ServedSet;
import barrowmist.server.cupping.SheetPrint.PrintedSheet;
import barrowmist.server.paper.Paper;
import barrowmist.server.web.Conflict;
import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A table on paper: its preparation sheet, labels for its cups, and its forms. */
@Service
@Transactional(readOnly = true)
class PrintService {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private final Tables tables;
    private final SheetRepository sheets;
    private final HouseService house;
    private final SampleNames names;
    private final CupLabels labels;
    private final Clock clock;

    PrintService(
            Tables tables,
            SheetRepository sheets,
            HouseService house,
            SampleNames names,
            CupLabels labels,
            Clock clock) {
        this.tables = tables;
        this.sheets = sheets;
        this.house = house;
        this.names = names;
        this.labels = labels;
        this.clock = clock;
    }

    private String when(Instant at) {
        return WHEN.format(at.atZone(clock.getZone()));
    }

    // ---- what whoever prepares weighs and grinds

    /** A line of the preparation sheet, as it is printed. */
    record WeighedLine(String code, String what, String dose, int cups, String purge, String total) {
        static WeighedLine of(WeighedSample s) {
            return new WeighedLine(
                    s.code(), s.what(), grams(s.doseG()), s.cups(), grams(s.purgeG()), grams(s.totalG()));
        }
    }

    /** The cups of a set, from left to right. */
    record SetLine(int set, String cups) {
        static SetLine of(ServedSet s) {
            return new SetLine(s.set(), String.join("   ", s.codes()));
        }
    }

    record PreparationPage(
            String title,
            String when,
            String how,
            String codeHead,
            List<String> warnings,
            List<WeighedLine> samples,
            List<String> steps,
            boolean hasSets,
            List<SetLine> sets,
            boolean hasThings,
            List<Reference.Thing> things,
            List<String> cautions) {}

    byte[] preparation(PreparationView sheet) {
        boolean shuffled = sheet.blind() == Blindness.UNDERSIDE;
        return Paper.write(
                "preparation",
                new PreparationPage(
                        "Preparation, table " + sheet.id(),
                        when(sheet.cuppedAt()),
                        sheet.blind() == Blindness.OPEN ? "open" : "blind: not for the eyes of those who taste",
                        shuffled ? "Under it" : "Code",
                        sheet.warnings(),
                        sheet.samples().stream().map(WeighedLine::of).toList(),
                        sheet.steps(),
                        !sheet.sets().isEmpty(),
                        sheet.sets().stream().map(SetLine::of).toList(),
                        !sheet.things().isEmpty(),
                        sheet.things(),
                        sheet.cautions()));
    }

    private static String grams(double g) {
        return String.format(Locale.ROOT, "%.2f", g).replaceAll("\\.?0+$", "") + " g";
    }

    byte[] labels(long id) {
        return labels.print(tables.get(id));
    }

    // ---- forms

    record FormsPage(String title, List<PrintedSheet> sheets) {}

    /** @throws Conflict if nothing is written down at this table */
    byte[] forms(long id) {
        CuppingEntity table = tables.onSheets(id);
        List<SheetEntity> filled = table.told() ? sheets.findAllByCuppingIdOrderById(id) : List.of();
        CuppingForm form = TableViews.formOf(table, filled).orElseThrow();
        FormView scales = FormView.all(house.scales()).stream()
                .filter(f -> f.form() == form)
                .findFirst()
                .orElseThrow();
        String when = when(table.cuppedAt());
        List<PrintedSheet> pages = filled.isEmpty()
                ? table.samples().stream()
                        .map(s -> SheetPrint.of(title(table, s), when, table.cups(), form, scales, Optional.empty()))
                        .toList()
                : filled.stream()
                        .map(e -> SheetPrint.of(
                                title(table, e.sample()), when, table.cups(), form, scales, Optional.of(e)))
                        .toList();
        return Paper.write("sheets", new FormsPage("Forms, table " + id, pages));
    }

    private String title(CuppingEntity table, CuppingSampleEntity sample) {
        String place = table.blinding().blind() == Blindness.UNDERSIDE ? "Place " + sample.code() : sample.code();
        if (!table.told()) {
            return place;
        }
        return table.blinding().blind() == Blindness.OPEN ? names.of(sample) : place + " · " + names.of(sample);
    }
}
