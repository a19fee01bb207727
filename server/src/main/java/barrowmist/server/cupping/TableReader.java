package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.cupping.TableViews.CuppingEntry;
import barrowmist.server.cupping.TableViews.LaidSample;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Codes;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads what is to be laid, or says what is wrong with it. */
final class TableReader {

    private static final int MOST_SAMPLES = 40;
    private static final int MOST_TIMES = 4;
    private static final int MAX_TEXT = 200;

    private final CuppingEntry entry;
    private final RoastService roasts;

    TableReader(CuppingEntry entry, RoastService roasts) {
        this.entry = entry;
        this.roasts = roasts;
    }

    /** @throws InputProblems if there is no such way to be blind */
    Blindness blind() {
        return entry.blind() == null
                ? Blindness.OPEN
                : Codes.parse(Blindness.class, entry.blind())
                        .orElseThrow(() -> new InputProblems(
                                "blind", "blind is \"" + entry.blind() + "\", expected open or coded"));
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
            out.add(new TableSample(s.roastId(), s.outside(), s.treatment()));
        }
        return out;
    }

    private void refuseIfWrong(int cups, List<TableSample> samples) {
        Checks checks = new Checks();
        if (!HundredPointSheet.CUP_COUNTS.contains(cups)) {
            checks.add("cups", "cups is " + cups + ", allowed are 1, 3 or 5");
        }
        if (entry.kind() != null && !entry.kind().equals(TableViews.SCORING)) {
            checks.add("kind", "kind is \"" + entry.kind() + "\", expected " + TableViews.SCORING);
        }
        if (entry.form() != null && !entry.form().equals(CuppingViews.HUNDRED_POINT)) {
            checks.add("form", "form is \"" + entry.form() + "\", expected " + CuppingViews.HUNDRED_POINT);
        }
        checks.range("samples", "Samples on the table", samples.size(), 0, MOST_SAMPLES, "");
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
        if (tooLong(s.treatment()) || s.outside() != null && tooLong(s.outside().from())) {
            checks.add("samples", "A treatment or origin has at most " + MAX_TEXT + " characters");
        }
    }

    private static boolean tooLong(@Nullable String text) {
        return text != null && text.length() > MAX_TEXT;
    }
}
