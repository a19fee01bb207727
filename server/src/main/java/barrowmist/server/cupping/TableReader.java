package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.TrianglePlan;
import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.LaidSample;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Reads what is to be laid, or says what is wrong with it. */
final class TableReader {

    private static final int MOST_TIMES = 4;
    private static final int MAX_TEXT = 200;

    private final CuppingEntry entry;
    private final RoastService roasts;

    TableReader(CuppingEntry entry, RoastService roasts) {
        this.entry = entry;
        this.roasts = roasts;
    }

    TableKind kind() {
        return entry.kind() == null ? TableKind.SCORING : entry.kind();
    }

    /** @throws InputProblems if such a table cannot be blind in this way */
    Blindness blind() {
        Blindness usual = kind().onSheets() ? Blindness.OPEN : Blindness.CODED;
        Blindness blind = entry.blind() == null ? usual : entry.blind();
        if (blind == Blindness.OPEN && kind().alwaysBlind()) {
            throw new InputProblems(
                    "blind", "A triangle is never open: who sees what is in the cups has no answer to give");
        }
        return blind;
    }

    /** On which form; none where whoever writes may choose, or nothing is written. */
    Optional<CuppingForm> form() {
        if (kind() == TableKind.TRIAGE) {
            return Optional.of(CuppingForm.TRIAGE);
        }
        return scored(entry.form());
    }

    /** @throws InputProblems if it is the one of a triage, which is for no other table */
    static Optional<CuppingForm> scored(@Nullable CuppingForm form) {
        if (form == CuppingForm.TRIAGE) {
            throw new InputProblems(
                    "form",
                    "form is triage, expected " + CuppingForm.HUNDRED_POINT.code() + " or "
                            + CuppingForm.VALUE_ASSESSMENT.code());
        }
        return Optional.ofNullable(form);
    }

    /** How many sets of three are served; none but for a triangle. */
    int sets() {
        if (kind() != TableKind.TRIANGLE) {
            return 0;
        }
        int sets = entry.assessments() == null ? TrianglePlan.USUAL_SETS : entry.assessments();
        if (sets < 1 || sets > TrianglePlan.MOST_SETS) {
            throw new InputProblems(
                    "assessments", "assessments is " + sets + ", allowed are 1 to " + TrianglePlan.MOST_SETS);
        }
        return sets;
    }

    /**
     * What is laid, a hidden pair twice; {@code roastIds} are laid once each.
     *
     * @throws InputProblems naming all that is wrong with the table
     */
    List<TableSample> samples(int cups) {
        List<TableSample> out = new ArrayList<>();
        if (entry.roastIds() != null) {
            entry.roastIds().stream()
                    .distinct()
                    .forEach(id -> out.add(TableSample.ofRoast(roasts.get(id).id())));
        }
        if (entry.samples() != null) {
            entry.samples().forEach(s -> out.addAll(laid(s)));
        }
        refuseIfWrong(cups, out);
        return out;
    }

    private List<TableSample> laid(LaidSample s) {
        if ((s.roastId() == null) == (s.outside() == null)) {
            throw new InputProblems("samples", "Each sample is a roast or a coffee from outside, one of the two");
        }
        int times = s.times() == null ? 1 : s.times();
        if (times < 1 || times > MOST_TIMES) {
            throw new InputProblems("samples", "times is " + times + ", allowed are 1 to " + MOST_TIMES);
        }
        if (s.roastId() != null) {
            roasts.get(s.roastId());
        }
        List<TableSample> out = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            out.add(new TableSample(s.roastId(), s.outside(), s.treatment(), entrant(s), null));
        }
        return out;
    }

    private @Nullable String entrant(LaidSample s) {
        String name = s.entrant() == null ? "" : s.entrant().strip();
        if (!name.isEmpty() && kind() != TableKind.ROAST_OFF) {
            throw new InputProblems("samples", "Only a roast-off has entries of somebody");
        }
        return name.isEmpty() ? null : name;
    }

    /** What is asked at a roast-off; none elsewhere. */
    @Nullable
    Choice choice() {
        if (kind() != TableKind.ROAST_OFF) {
            return null;
        }
        return entry.choice() == null ? Choice.ORDER : entry.choice();
    }

    private void refuseIfWrong(int cups, List<TableSample> samples) {
        Checks checks = new Checks();
        if (!HundredPointSheet.CUP_COUNTS.contains(cups)) {
            checks.add("cups", "cups is " + cups + ", allowed are 1, 3 or 5");
        }
        checks.range("samples", "Samples on the table", samples.size(), kind().fewest(), kind().most(), "");
        samples.forEach(s -> check(checks, s));
        if (entry.protocol() != null) {
            entry.protocol().protocol().problems().forEach(p -> checks.add(p.field(), p.message()));
        }
        InputProblems.refuseIfAny(checks.problems());
    }

    private static void check(Checks checks, TableSample s) {
        if (s.outside() != null) {
            checks.text(
                    "samples", "The name of a coffee from outside", s.outside().name(), MAX_TEXT);
        }
        if (s.entrant() != null && s.entrant().length() > Seats.LONGEST) {
            checks.add("samples", Seats.tooLong(s.entrant()));
        }
        if (tooLong(s.treatment()) || s.outside() != null && tooLong(s.outside().from())) {
            checks.add("samples", "A treatment or origin has at most " + MAX_TEXT + " characters");
        }
    }

    private static boolean tooLong(@Nullable String text) {
        return text != null && text.length() > MAX_TEXT;
    }
}
