package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.web.InputProblems;

/** What somebody has written on a sheet, read on its form, or refused with all that is wrong. */
final class FilledSheet {

    private FilledSheet() {}

    /**
     * @param cups a sample on its table
     * @throws InputProblems naming all that is wrong
     */
    static CuppingSheet of(CuppingForm form, int cups, SheetEntry entry, String cupper) {
        SheetReader read = new SheetReader(entry.content());
        CuppingSheet filled = read.sheet(form, cups);
        Checks checks = new Checks();
        filled.problems().forEach(p -> checks.add(p.field(), p.message()));
        read.problemsBeside(form).forEach(p -> checks.add(p.field(), p.message()));
        if (cupper.length() > Seats.LONGEST) {
            checks.add("cupper", Seats.tooLong(cupper));
        }
        if (filled.cups().size() != cups) {
            checks.add(
                    "cups",
                    "There are marks of %d cups, and %d cups a sample on this table"
                            .formatted(filled.cups().size(), cups));
        }
        InputProblems.refuseIfAny(checks.problems());
        return filled;
    }
}
