package barrowmist.core.desk;

import barrowmist.core.roast.Reading;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * One line of a desk's journal. Times are s of the desk's clock. As text: a letter, then fields with tabs between them;
 * an empty field is a thing that was not said.
 */
public sealed interface JournalLine {

    /** The roast that is prepared. */
    record Prepare(
            double timeS,
            long greenSampleId,
            @Nullable Long planId,
            double greenG,
            String wallClock,
            String boot,
            int batch,
            int batches)
            implements JournalLine {}

    /** A reading, with the monotonic clock, ns, and the roaster's own, s, at which it came. */
    record Read(Reading reading, OptionalDouble pops, long nanos, double clockS, long wallMs) implements JournalLine {

        /** The same without the bean probe. */
        Read withoutBean() {
            return new Read(reading.withoutBean(), pops, nanos, clockS, wallMs);
        }
    }

    /** An event, a note or a control moved by hand. */
    record Entry(int seq, String kind, double timeS, double value, String text) implements JournalLine {

        public static final String GAS = "gas";
        public static final String AIR = "air";
        public static final String DRUM = "drum";
        public static final String NOTE = "note";

        /** Drawn with the trier; its value is the grams. */
        public static final String PULL = "pull";

        /** Whether the batch is the warm-up of its day: 1 or 0. */
        public static final String WARM_UP = "warm-up";

        /** Whether gas, air or drum was moved by hand. */
        public boolean isControl() {
            return kind.equals(GAS) || kind.equals(AIR) || kind.equals(DRUM);
        }

        /** That control as a reading at {@code atS}. */
        public Reading control(double atS) {
            OptionalDouble none = OptionalDouble.empty();
            OptionalDouble set = OptionalDouble.of(value);
            return new Reading(
                    atS,
                    none,
                    none,
                    kind.equals(GAS) ? set : none,
                    kind.equals(AIR) ? set : none,
                    kind.equals(DRUM) ? set : none);
        }
    }

    /** An entry that is taken back. */
    record Undo(int seq) implements JournalLine {}

    /** A step of the protocol that was done. */
    record StepDone(int step, double timeS) implements JournalLine {}

    /** A planned move that is left out. */
    record LeaveOut(double timeS) implements JournalLine {}

    /** A stretch without readings. */
    record Gap(double fromS, double toS, String reason) implements JournalLine {}

    /** The roast was kept under this id. */
    record Kept(long roastId) implements JournalLine {}

    static String text(JournalLine line) {
        if (line instanceof Prepare p) {
            return join("P", p.timeS, p.greenSampleId, p.planId, p.greenG, p.wallClock, p.boot, p.batch, p.batches);
        }
        if (line instanceof Read r) {
            Reading x = r.reading;
            return join(
                    "R",
                    x.timeS(),
                    or(x.beanC()),
                    or(x.environmentC()),
                    or(x.gasPct()),
                    or(x.airflowPct()),
                    or(x.drumRpm()),
                    or(r.pops),
                    r.nanos,
                    Double.isNaN(r.clockS) ? null : r.clockS,
                    r.wallMs);
        }
        if (line instanceof Entry e) {
            return join("E", e.seq, e.kind, e.timeS, e.value, e.text.replaceAll("[\\t\\r\\n]+", " "));
        }
        if (line instanceof Undo u) {
            return join("U", u.seq);
        }
        if (line instanceof StepDone s) {
            return join("S", s.step, s.timeS);
        }
        if (line instanceof LeaveOut l) {
            return join("L", l.timeS);
        }
        if (line instanceof Gap g) {
            return join("G", g.fromS, g.toS, g.reason.replaceAll("[\\t\\r\\n]+", " "));
        }
        return join("K", ((Kept) line).roastId);
    }

    /** @throws IllegalArgumentException if this is no such line */
    static JournalLine parse(String text) {
        String[] f = text.split("\t", -1);
        return switch (f[0]) {
            case "P" ->
                new Prepare(
                        num(f[1]),
                        Long.parseLong(f[2]),
                        f[3].isEmpty() ? null : Long.valueOf(f[3]),
                        num(f[4]),
                        f[5],
                        f[6],
                        Integer.parseInt(f[7]),
                        Integer.parseInt(f[8]));
            case "R" ->
                new Read(
                        new Reading(num(f[1]), opt(f[2]), opt(f[3]), opt(f[4]), opt(f[5]), opt(f[6])),
                        opt(f[7]),
                        Long.parseLong(f[8]),
                        opt(f[9]).orElse(Double.NaN),
                        Long.parseLong(f[10]));
            case "E" -> new Entry(Integer.parseInt(f[1]), f[2], num(f[3]), num(f[4]), f[5]);
            case "U" -> new Undo(Integer.parseInt(f[1]));
            case "S" -> new StepDone(Integer.parseInt(f[1]), num(f[2]));
            case "L" -> new LeaveOut(num(f[1]));
            case "G" -> new Gap(num(f[1]), num(f[2]), f[3]);
            case "K" -> new Kept(Long.parseLong(f[1]));
            default -> throw new IllegalArgumentException("This is no line of a desk's journal: " + text);
        };
    }

    private static double num(String s) {
        return Double.parseDouble(s);
    }

    private static OptionalDouble opt(String s) {
        return s.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(num(s));
    }

    private static @Nullable Double or(OptionalDouble v) {
        return v.isPresent() ? v.getAsDouble() : null;
    }

    private static String join(@Nullable Object... fields) {
        StringBuilder out = new StringBuilder();
        for (Object f : fields) {
            if (!out.isEmpty()) {
                out.append('\t');
            }
            if (f instanceof Double d) {
                out.append(d == Math.rint(d) && Math.abs(d) < 1e12 ? String.valueOf(d.longValue()) : round(d));
            } else if (f != null) {
                out.append(f);
            }
        }
        return out.toString();
    }

    private static String round(double d) {
        return String.format(Locale.ROOT, "%.4f", d);
    }
}
