package barrowmist.server.cupping;

import barrowmist.core.check.Names;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** On which form each cupper of a table writes: the table's, unless somebody chose the other one before anything was scored. */
final class SheetForms {

    private final CuppingEntity table;
    private final List<SheetEntity> ofTable;

    SheetForms(CuppingEntity table, List<SheetEntity> ofTable) {
        this.table = table;
        this.ofTable = ofTable;
    }

    /** The form that was asked for; empty where none was. */
    static Optional<CuppingForm> asked(SheetEntry entry) {
        return Optional.ofNullable(entry.form());
    }

    /**
     * The form of a cupper's next sheet: that of their others, else what is asked for, else the table's.
     *
     * @throws InputProblems if another one is asked for than theirs, or one that no such table is written down on
     */
    CuppingForm next(Optional<String> seat, String cupper, Optional<CuppingForm> asked) {
        CuppingForm form = ofTable.stream()
                .filter(s -> isOf(s, seat, cupper))
                .findFirst()
                .map(SheetEntity::form)
                .or(() -> asked)
                .or(() -> TableViews.formOf(table, ofTable))
                .orElse(CuppingForm.HUNDRED_POINT);
        refuseOfAnotherKind(form);
        if (asked.isPresent() && asked.get() != form) {
            throw new InputProblems(
                    "form",
                    "This cupper writes on the form " + form.code() + " at this table, not on "
                            + asked.get().code());
        }
        return form;
    }

    /**
     * Every sheet of whoever a sheet is of, to be written on another form.
     *
     * @throws Conflict if something was written down already
     */
    List<SheetEntity> toChange(SheetEntity sheet, CuppingForm to) {
        refuseOfAnotherKind(to);
        List<SheetEntity> own = ofTable.stream()
                .filter(s -> isOf(s, Optional.ofNullable(sheet.seat()), sheet.named()))
                .toList();
        if (own.stream().anyMatch(s -> s.content().isWritten())) {
            throw new Conflict(
                    "Something is written on this form already: the form is chosen before the first score.", Map.of());
        }
        return own;
    }

    /** The form that most of these are written on, the 100-point one of as many. */
    static CuppingForm main(Collection<SheetEntity> sheets) {
        return sheets.stream()
                .collect(Collectors.groupingBy(SheetEntity::form, Collectors.counting()))
                .entrySet()
                .stream()
                .min(Map.Entry.<CuppingForm, Long>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse(CuppingForm.HUNDRED_POINT);
    }

    /** Those on one form: what was given on two does not make a mean. */
    static List<SheetEntity> on(CuppingForm form, Collection<SheetEntity> sheets) {
        return sheets.stream().filter(s -> s.form() == form).toList();
    }

    private void refuseOfAnotherKind(CuppingForm form) {
        if ((form == CuppingForm.TRIAGE) != (table.kind() == TableKind.TRIAGE)) {
            throw new InputProblems(
                    "form", "This table is laid for " + table.kind().code() + ", not for " + form.code());
        }
    }

    private static boolean isOf(SheetEntity s, Optional<String> seat, String cupper) {
        return seat.isPresent() ? seat.get().equals(s.seat()) : s.seat() == null && Names.same(s.named(), cupper);
    }
}
