package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.PreparationViews.PreparationView;
import barrowmist.server.cupping.PreparationViews.PutOut;
import barrowmist.server.cupping.PreparationViews.WeighedSample;
import barrowmist.server.cupping.SensoryViews.ServedSet;
import barrowmist.server.cupping.SheetPrint.PrintedSheet;
import barrowmist.server.paper.Paper;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Conflict;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A table on paper: its preparation sheet, labels for its cups, and its forms. */
@Service
@Transactional(readOnly = true)
class PrintService {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private static final int LABELS_A_ROW = 4;
    private static final int CUPS_A_SET = 3;

    private final Tables tables;
    private final CupSetRepository sets;
    private final SheetRepository sheets;
    private final HouseService house;
    private final SampleNames names;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    PrintService(
            Tables tables,
            CupSetRepository sets,
            SheetRepository sheets,
            HouseService house,
            SampleNames names,
            Clock clock) {
        this.tables = tables;
        this.sets = sets;
        this.sheets = sheets;
        this.house = house;
        this.names = names;
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
            List<PutOut> things,
            List<String> cautions) {}

    byte[] preparation(PreparationView sheet) {
        boolean shuffled = sheet.blind().equals(Codes.of(Blindness.UNDERSIDE));
        return Paper.write(
                "preparation",
                new PreparationPage(
                        "Preparation, table " + sheet.id(),
                        when(sheet.cuppedAt()),
                        sheet.blind().equals(Codes.of(Blindness.OPEN))
                                ? "open"
                                : "blind: not for the eyes of those who taste",
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

    // ---- labels

    record CupLabel(String mark, String under) {}

    record LabelRow(List<CupLabel> cells) {}

    record LabelPage(String title, List<LabelRow> rows) {}

    /** @throws Conflict if everybody sees what is in the cups */
    byte[] labels(long id) {
        CuppingEntity table = tables.get(id);
        if (table.blinding().blind() == Blindness.OPEN) {
            throw new Conflict("Everybody may know what is in these cups: they need no labels.", Map.of());
        }
        List<CupLabel> labels = new ArrayList<>(labels(table));
        if (table.blinding().blind() == Blindness.UNDERSIDE) {
            Collections.shuffle(labels, random);
        }
        while (labels.size() % LABELS_A_ROW != 0) {
            labels.add(new CupLabel("", ""));
        }
        List<LabelRow> rows = IntStream.range(0, labels.size() / LABELS_A_ROW)
                .mapToObj(i -> new LabelRow(labels.subList(i * LABELS_A_ROW, (i + 1) * LABELS_A_ROW)))
                .toList();
        return Paper.write("cup-labels", new LabelPage("Labels, table " + id, rows));
    }

    private List<CupLabel> labels(CuppingEntity table) {
        boolean shuffled = table.blinding().blind() == Blindness.UNDERSIDE;
        if (table.kind() == TableKind.TRIANGLE && !shuffled) {
            return sets.findAllByCuppingIdOrderByNumber(table.id()).stream()
                    .flatMap(s -> IntStream.rangeClosed(1, CUPS_A_SET)
                            .mapToObj(cup -> new CupLabel("Set " + s.number(), "cup " + cup)))
                    .toList();
        }
        int cups = table.kind() == TableKind.TRIANGLE ? 2 * sets.countByCuppingId(table.id()) : table.cups();
        return table.samples().stream()
                .flatMap(s -> IntStream.rangeClosed(1, cups)
                        .mapToObj(cup -> shuffled
                                ? new CupLabel(Optional.ofNullable(s.mark()).orElse(s.code()), "under the cup")
                                : new CupLabel(s.code(), cups == 1 ? "" : "cup " + cup)))
                .toList();
    }

    // ---- forms

    record FormsPage(String title, List<PrintedSheet> sheets) {}

    /** @throws Conflict if nothing is written down at this table */
    byte[] forms(long id) {
        CuppingEntity table = tables.onSheets(id);
        List<SheetEntity> filled = table.told() ? sheets.findAllByCuppingIdOrderById(id) : List.of();
        CuppingForm form = TableViews.formOf(table, filled).orElseThrow();
        FormView scales = FormView.all(house.scales()).stream()
                .filter(f -> f.form().equals(Codes.of(form)))
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
