package barrowmist.core.sample;

import barrowmist.core.roast.Clock;
import barrowmist.core.sample.BenchJudgement.Check;
import barrowmist.core.sample.BenchJudgement.Standing;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Holds single figures of a bench against their limits, each into a list of checks. */
final class BenchChecks {

    private BenchChecks() {}

    static Check time(OptionalDouble totalS, String by, double fromS, double toS) {
        boolean inside = totalS.isPresent() && totalS.getAsDouble() >= fromS && totalS.getAsDouble() <= toS;
        String wanted = Clock.text(fromS) + " to " + Clock.text(toS);
        Standing standing = totalS.isEmpty() ? Standing.NOT_MEASURED : inside ? Standing.INSIDE : Standing.OUTSIDE;
        String value = totalS.isPresent() ? Clock.text(totalS.getAsDouble()) : "";
        return new Check("roast time", by, wanted, value, standing, false);
    }

    private static OptionalDouble real(OptionalInt n) {
        return n.isPresent() ? OptionalDouble.of(n.getAsInt()) : OptionalDouble.empty();
    }

    static void colour(List<Check> checks, String label, OptionalDouble read, double wanted) {
        add(
                checks,
                label,
                "protocol",
                number(wanted) + " ±" + number(BenchJudgement.PROTOCOL_COLOUR_GIVE),
                read,
                "",
                read.isPresent() && Math.abs(read.getAsDouble() - wanted) <= BenchJudgement.PROTOCOL_COLOUR_GIVE);
    }

    static void between(
            List<Check> checks, String label, String by, OptionalDouble v, double from, double to, String unit) {
        add(
                checks,
                label,
                by,
                "%s to %s %s".formatted(number(from), number(to), unit).strip(),
                v,
                unit.isEmpty() ? "" : " " + unit,
                v.isPresent() && v.getAsDouble() >= from && v.getAsDouble() <= to);
    }

    static void atMost(List<Check> checks, String label, OptionalDouble v, double most, boolean green) {
        boolean inside = v.isPresent() && v.getAsDouble() <= most;
        checks.add(check(label, "lab", "at most " + number(most), v, "", inside, green));
    }

    /** Of the green coffee; what was counted in another mass says so. */
    static void counted(List<Check> checks, String label, BenchCounts counts, OptionalInt n, double most) {
        atMost(checks, label, real(counts.per100g(n)), most, true);
        if (counts.scaled() && n.isPresent()) {
            Check c = checks.remove(checks.size() - 1);
            String value = "%s (%d in %s g)"
                    .formatted(c.value(), n.getAsInt(), number(counts.ofG().getAsDouble()));
            checks.add(new Check(c.label(), c.by(), c.wanted(), value, c.standing(), c.green()));
        }
    }

    static void none(List<Check> checks, String label, String by, OptionalInt count) {
        OptionalDouble v = real(count);
        add(checks, label, by, "none", v, "", v.isPresent() && v.getAsDouble() == 0);
    }

    static void broken(List<Check> checks, BenchFigures f) {
        String value = f.oneColourThrough()
                .map(one -> one ? "one colour" : "paler inside")
                .orElse("");
        Standing standing = f.oneColourThrough()
                .map(one -> one ? Standing.INSIDE : Standing.OUTSIDE)
                .orElse(Standing.NOT_MEASURED);
        checks.add(new Check("a bean broken open", "lab", "one colour through", value, standing, false));
    }

    private static void add(
            List<Check> checks, String label, String by, String wanted, OptionalDouble v, String unit, boolean inside) {
        checks.add(check(label, by, wanted, v, unit, inside, false));
    }

    private static Check check(
            String label, String by, String wanted, OptionalDouble v, String unit, boolean inside, boolean green) {
        Standing standing = v.isEmpty() ? Standing.NOT_MEASURED : inside ? Standing.INSIDE : Standing.OUTSIDE;
        return new Check(label, by, wanted, v.isPresent() ? number(v.getAsDouble()) + unit : "", standing, green);
    }

    private static String number(double v) {
        return v == Math.rint(v) ? String.valueOf(Math.round(v)) : String.format(Locale.ROOT, "%.1f", v);
    }
}
