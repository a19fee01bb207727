package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.access.Member;
import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps sheets. On a coded table each cupper has one a sample, found by its code, until the table is revealed. */
@Service
@KeptInTurn
public class SheetService {

    private final Tables tables;
    private final CuppingSampleRepository samples;
    private final SheetRepository sheets;
    private final RoastService roasts;
    private final Clock clock;
    private final ApplicationEventPublisher told;

    SheetService(
            Tables tables,
            CuppingSampleRepository samples,
            SheetRepository sheets,
            RoastService roasts,
            Clock clock,
            ApplicationEventPublisher told) {
        this.tables = tables;
        this.samples = samples;
        this.sheets = sheets;
        this.roasts = roasts;
        this.clock = clock;
        this.told = told;
    }

    /** One sheet, for the cupper who fills it. */
    @Transactional(readOnly = true)
    SheetView get(long cuppingId, long sheetId) {
        return SheetView.of(sheet(cuppingId, sheetId));
    }

    /** @throws Conflict if this cupper has a sheet for this code already and another is sent */
    public SheetView add(long cuppingId, SheetEntry entry) {
        CuppingEntity table = tables.get(cuppingId, TableKind.SCORING);
        String form = entry.form() == null ? CuppingViews.HUNDRED_POINT : entry.form();
        if (!form.equals(CuppingViews.HUNDRED_POINT)) {
            throw new InputProblems("form", "form is \"" + form + "\", expected " + CuppingViews.HUNDRED_POINT);
        }
        refuseWhenOver(table);
        CuppingSampleEntity sample = sample(table, entry);
        String seat = table.blinding().blind() == Blindness.OPEN ? null : Seats.whose(entry.cupper());
        if (seat != null) {
            Optional<SheetEntity> there = sheets.findBySampleIdAndSeat(sample.id(), seat);
            if (there.isPresent()) {
                return again(there.get(), entry);
            }
        }
        SheetEntity sheet = new SheetEntity(table, sample, seat, form);
        fill(sheet, entry);
        return SheetView.of(sheets.saveAndFlush(sheet));
    }

    private static SheetView again(SheetEntity there, SheetEntry entry) {
        if (entry.attributes() == null && entry.cups() == null && entry.words() == null) {
            return SheetView.of(there);
        }
        throw new Conflict(
                there.cupper() + " has a sheet for " + there.sample().code() + " already. Nothing was overwritten.",
                Map.of("sheetId", there.id(), "version", there.version()));
    }

    /** @throws Conflict if the entry was made from an older version of the sheet, or its table is revealed */
    SheetView change(long cuppingId, long sheetId, SheetEntry entry) {
        SheetEntity sheet = sheet(cuppingId, sheetId);
        if (entry.version() != null && entry.version() != sheet.version()) {
            throw new Conflict(
                    "This sheet was changed in another window. Nothing was overwritten.",
                    Map.of("version", sheet.version()));
        }
        refuseWhenOver(sheet.cupping());
        fill(sheet, entry);
        return SheetView.of(sheets.saveAndFlush(sheet));
    }

    private SheetEntity sheet(long cuppingId, long sheetId) {
        return sheets.findById(sheetId)
                .filter(s -> s.cupping().id() == cuppingId)
                .filter(s -> Member.cuppingAs().orElse(s.cupper()).equals(s.cupper()))
                .orElseThrow(() -> new NotFound("sheet", sheetId));
    }

    private static void refuseWhenOver(CuppingEntity table) {
        if (table.blinding().over()) {
            throw new Conflict("This table is revealed: its scores stand as they were given blind.", Map.of());
        }
    }

    private static String name(SheetEntry entry) {
        return entry.cupper() == null ? "" : entry.cupper().strip();
    }

    private CuppingSampleEntity sample(CuppingEntity table, SheetEntry entry) {
        List<String> codes =
                table.samples().stream().map(CuppingSampleEntity::code).toList();
        // of shuffled cups the place is the code
        String code = entry.code() == null && entry.place() != null ? String.valueOf(entry.place()) : entry.code();
        if (code != null) {
            return table.ofCode(code)
                    .orElseThrow(() -> new InputProblems(
                            "code", "code is \"" + code + "\", expected one of " + String.join(", ", codes)));
        }
        if (entry.roastId() != null) {
            if (!table.told()) {
                throw new InputProblems(
                        "code", "This table is coded: name the sample by its code, one of " + String.join(", ", codes));
            }
            long roastId = roasts.get(entry.roastId()).id();
            return table.samples().stream()
                    .filter(s -> Objects.equals(s.roastId(), roastId))
                    .findFirst()
                    .orElseGet(() -> lay(table, roastId));
        }
        if (table.samples().size() == 1) {
            return table.samples().get(0);
        }
        throw table.told()
                ? new InputProblems("roastId", "roastId is missing, expected one of " + table.roastIds())
                : new InputProblems("code", "code is missing, expected one of " + String.join(", ", codes));
    }

    private CuppingSampleEntity lay(CuppingEntity table, long roastId) {
        return samples.saveAndFlush(
                table.lay(String.valueOf(table.samples().size() + 1), TableSample.ofRoast(roastId)));
    }

    private void fill(SheetEntity sheet, SheetEntry entry) {
        String cupper = name(entry);
        HundredPointSheet filled = new SheetContent(
                        Objects.requireNonNullElse(entry.attributes(), Map.of()),
                        Objects.requireNonNullElse(entry.cups(), List.of()),
                        Objects.requireNonNullElse(entry.words(), List.of()))
                .sheet(sheet.cupping().cups());
        Checks checks = new Checks();
        filled.problems().forEach(p -> checks.add(p.field(), p.message()));
        if (cupper.length() > Seats.LONGEST) {
            checks.add("cupper", Seats.tooLong(cupper));
        }
        if (filled.cups().size() != sheet.cupping().cups()) {
            checks.add(
                    "cups",
                    "There are marks of %d cups, and %d cups a sample on this table"
                            .formatted(filled.cups().size(), sheet.cupping().cups()));
        }
        InputProblems.refuseIfAny(checks.problems());
        sheet.keep(filled, keptName(sheet, cupper), clock.instant());
        if (sheet.cupping().told()) {
            changed(sheet.roastId());
        }
    }

    /** On a coded table a sheet stays its cupper's. */
    private static String keptName(SheetEntity sheet, String cupper) {
        return sheet.seat() == null ? cupper : sheet.seat();
    }

    private void changed(@Nullable Long roastId) {
        if (roastId != null) {
            told.publishEvent(new RoastChanged(roastId));
        }
    }
}
