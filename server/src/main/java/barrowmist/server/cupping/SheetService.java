package barrowmist.server.cupping;

import barrowmist.core.check.Names;
import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.server.access.Member;
import barrowmist.server.access.Role;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps sheets. On a coded table each cupper has one a sample, found by its code, until the table is revealed. */
@Service
@KeptInTurn
public class SheetService {

    private final Tables tables;
    private final NamedSample named;
    private final SheetRepository sheets;
    private final HouseService house;
    private final Clock clock;
    private final ApplicationEventPublisher told;

    SheetService(
            Tables tables,
            NamedSample named,
            SheetRepository sheets,
            HouseService house,
            Clock clock,
            ApplicationEventPublisher told) {
        this.tables = tables;
        this.named = named;
        this.sheets = sheets;
        this.house = house;
        this.clock = clock;
        this.told = told;
    }

    /** One sheet, for the cupper who fills it. */
    @Transactional(readOnly = true)
    SheetView get(long cuppingId, long sheetId) {
        SheetEntity sheet = found(cuppingId, sheetId);
        return SheetView.of(sheet.cupping().told() ? sheet : ownBlind(sheet), house.lines());
    }

    /** @throws Conflict if this cupper has a sheet for this code already and another is sent */
    public SheetView add(long cuppingId, SheetEntry entry) {
        CuppingEntity table = tables.onSheets(cuppingId);
        SheetForms forms = new SheetForms(table, sheets.findAllByCuppingIdOrderById(cuppingId));
        refuseWhenOver(table);
        CuppingSampleEntity sample = named.find(table, entry);
        String seat = table.blinding().blind() == Blindness.OPEN ? null : tables.whose(table, entry.cupper());
        Optional<SheetEntity> there =
                seat == null ? ofPerson(sample, name(entry)) : sheets.findBySampleIdAndSeat(sample.id(), seat);
        CuppingForm form = forms.next(Optional.ofNullable(seat), name(entry), SheetForms.asked(entry));
        if (there.isPresent()) {
            return again(there.get(), entry);
        }
        SheetEntity sheet = new SheetEntity(table, sample, seat, form);
        fill(sheet, entry);
        return SheetView.of(sheets.saveAndFlush(sheet), house.lines());
    }

    /** Whose sheet of a sample there is at an open table; of nobody in particular there may be many. */
    private Optional<SheetEntity> ofPerson(CuppingSampleEntity sample, String cupper) {
        return cupper.isEmpty()
                ? Optional.empty()
                : sheets.findAllBySampleIdOrderById(sample.id()).stream()
                        .filter(s -> Names.same(s.cupper(), cupper))
                        .findFirst();
    }

    private SheetView again(SheetEntity there, SheetEntry entry) {
        if (entry.isEmpty()) {
            return SheetView.of(there, house.lines());
        }
        FilledSheet.of(there.form(), there.cupping().cups(), entry, there.cupper());
        throw new Conflict(
                there.cupper() + " has a sheet for " + there.sample().code() + " already. Nothing was overwritten.",
                Map.of("sheetId", there.id(), "version", there.version()));
    }

    /** @throws Conflict if the entry was made from an older version of the sheet, or its table is revealed */
    SheetView change(long cuppingId, long sheetId, SheetEntry entry) {
        SheetEntity sheet = own(found(cuppingId, sheetId));
        if (entry.version() != null && entry.version() != sheet.version()) {
            throw new Conflict(
                    "This sheet was changed in another window. Nothing was overwritten.",
                    Map.of("version", sheet.version()));
        }
        refuseWhenOver(sheet.cupping());
        SheetForms.asked(entry).filter(f -> f != sheet.form()).ifPresent(f -> writeOn(f, sheet, entry));
        fill(sheet, entry);
        return SheetView.of(sheets.saveAndFlush(sheet), house.lines());
    }

    /** Whoever scores on another form does so with all samples of the table. */
    private void writeOn(CuppingForm form, SheetEntity sheet, SheetEntry entry) {
        CuppingEntity table = sheet.cupping();
        SheetForms forms = new SheetForms(table, sheets.findAllByCuppingIdOrderById(table.id()));
        forms.toChange(sheet, form).forEach(own -> {
            own.writeOn(form);
            if (own.id() != sheet.id()) {
                fill(own, SheetEntry.of(null, null, own.named(), Map.of(), null, List.of()));
            }
        });
    }

    /**
     * A sheet of a revealed table, as it should have been.
     *
     * @param around keeps what was, and has it changed
     */
    SheetView correct(long cuppingId, long sheetId, SheetEntry entry, BiConsumer<SheetEntity, Runnable> around) {
        SheetEntity sheet = own(found(cuppingId, sheetId));
        if (entry.version() != null && entry.version() != sheet.version()) {
            throw new Conflict(
                    "This sheet was changed in another window. Nothing was overwritten.",
                    Map.of("version", sheet.version()));
        }
        if (!sheet.cupping().blinding().over()) {
            throw new Conflict("This table is not revealed: change the sheet itself.", Map.of());
        }
        around.accept(sheet, () -> fill(sheet, entry));
        return SheetView.of(sheets.saveAndFlush(sheet), house.lines());
    }

    private SheetEntity found(long cuppingId, long sheetId) {
        return sheets.findById(sheetId)
                .filter(s -> s.cupping().id() == cuppingId)
                .orElseThrow(() -> new NotFound("sheet", sheetId));
    }

    /** Whoever cups under one name has their own sheets, and no others. */
    private static SheetEntity own(SheetEntity sheet) {
        if (!Member.cuppingAs().orElse(sheet.cupper()).equals(sheet.cupper())) {
            throw new NotFound("sheet", sheet.id());
        }
        return sheet;
    }

    /** Before the reveal a sheet is for its cupper, and for the lead who may enter it for them. */
    private static SheetEntity ownBlind(SheetEntity sheet) {
        if (Member.ofCaller()
                .filter(m -> m.role() == Role.READER || m.role() == Role.ROASTER)
                .isPresent()) {
            throw new NotFound("sheet", sheet.id());
        }
        return own(sheet);
    }

    private static void refuseWhenOver(CuppingEntity table) {
        if (table.blinding().over()) {
            throw new Conflict("This table is revealed: its scores stand as they were given blind.", Map.of());
        }
    }

    private static String name(SheetEntry entry) {
        return Member.cuppingAs()
                .orElse(entry.cupper() == null ? "" : entry.cupper().strip());
    }

    private void fill(SheetEntity sheet, SheetEntry entry) {
        String cupper = name(entry);
        refuseAnothers(sheet, cupper);
        CuppingSheet filled = FilledSheet.of(sheet.form(), sheet.cupping().cups(), entry, cupper);
        Instant now = clock.instant();
        SheetTrail trail = sheet.trail().then(filled, now, ClockService.cupC(sheet.cupping(), sheet.sample(), now));
        sheet.keep(entry.content(), filled, trail, keptName(sheet, cupper), now);
        if (sheet.cupping().told()) {
            changed(sheet.roastId());
        }
    }

    /** A sheet is its cupper's for good: what is sent under another name is not taken for it. */
    private static void refuseAnothers(SheetEntity sheet, String cupper) {
        String own = sheet.named();
        if (sheet.seat() == null && !own.isEmpty() && !cupper.isEmpty() && !Names.same(own, cupper)) {
            throw new Conflict(
                    "This is the sheet of " + own + ". " + cupper
                            + " has a sheet of their own: change the person first.",
                    Map.of("cupper", own));
        }
    }

    private static String keptName(SheetEntity sheet, String cupper) {
        if (sheet.seat() != null) {
            return sheet.seat();
        }
        return sheet.named().isEmpty() ? cupper : sheet.named();
    }

    private void changed(@Nullable Long roastId) {
        if (roastId != null) {
            told.publishEvent(new RoastChanged(roastId));
        }
    }
}
