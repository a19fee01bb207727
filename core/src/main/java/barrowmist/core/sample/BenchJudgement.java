package barrowmist.core.sample;

import barrowmist.core.roast.Clock;
import barrowmist.core.roast.RoastAim;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Whether a roasted sample is fit to be cupped.
 *
 * @param verdict what becomes of it
 * @param checks every figure that is asked for, in order
 */
public record BenchJudgement(Verdict verdict, List<Check> checks) {

    /** Colour of a protocol roast, ground, ±1; whole: {@link BenchFigures} (SCA cupping protocol, values from memory). */
    public static final double PROTOCOL_GROUND = 63;

    public static final double PROTOCOL_COLOUR_GIVE = 1;

    /** 8 to 12 minutes (SCA cupping protocol, values from memory), s. */
    public static final double PROTOCOL_SHORTEST_S = 480;

    public static final double PROTOCOL_LONGEST_S = 720;

    /** Whose limit it is where the roast was made for something else than the protocol. */
    private static final String AIM = "aim";

    /** What becomes of a sample. */
    public enum Verdict {
        FIT,
        ROAST_AGAIN,
        /** Something that is asked for was not measured. */
        MEASURE
    }

    /** How one figure stands. */
    public enum Standing {
        INSIDE,
        OUTSIDE,
        NOT_MEASURED
    }

    /**
     * One figure.
     *
     * @param label what it is
     * @param by whose limit: protocol, lab, or what the roast is made for
     * @param wanted the limit in words
     * @param value the figure in words; empty when not measured
     * @param green whether the green coffee is to blame and not the roast: another roast would not change it
     */
    public record Check(String label, String by, String wanted, String value, Standing standing, boolean green) {

        String words() {
            return "%s is %s, the %s asks for %s".formatted(label, value, by, wanted);
        }
    }

    public BenchJudgement {
        checks = List.copyOf(checks);
    }

    /** Of a sample that was roasted by the protocol. */
    public static BenchJudgement of(BenchFigures f, OptionalDouble totalS, BenchLimits limits) {
        return of(f, totalS, limits, RoastAim.PROTOCOL_SAMPLE);
    }

    /**
     * @param totalS charge to drop, s; empty when the roast has no drop
     * @param aim what it was roasted for: only a protocol sample is held to the protocol
     */
    public static BenchJudgement of(BenchFigures f, OptionalDouble totalS, BenchLimits limits, RoastAim aim) {
        List<Check> checks = new ArrayList<>();
        if (aim.protocol() && limits.protocol()) {
            colour(checks, "colour, whole", f.colourWhole(), BenchFigures.PROTOCOL_COLOUR_WHOLE);
            colour(checks, "colour, ground", f.colourGround(), PROTOCOL_GROUND);
            checks.add(time(totalS, "protocol", PROTOCOL_SHORTEST_S, PROTOCOL_LONGEST_S));
            none(checks, "scorched", "protocol", f.scorchedPer100g());
            none(checks, "tipped", "protocol", f.tippedPer100g());
        }
        if (!aim.protocol() && aim != RoastAim.OWN) {
            RoastAim.Limits own = aim.limits();
            checks.add(time(totalS, AIM, own.shortestS(), own.longestS()));
            none(checks, "scorched", AIM, f.scorchedPer100g());
            none(checks, "tipped", AIM, f.tippedPer100g());
            between(checks, "weight loss", AIM, f.weightLossPct(), own.leastLossPct(), own.mostLossPct(), "%");
        } else if (aim.protocol()) {
            between(checks, "weight loss", "lab", f.weightLossPct(), limits.leastLossPct(), limits.mostLossPct(), "%");
        }
        atMost(checks, "ground lighter by", f.colourGap(), limits.mostGap(), false);
        // unripe seeds do not brown, and hollow ones were hollow before: common practice, no published source
        counted(checks, "quakers in 100 g", f.counts(), f.counts().quakers(), limits.mostQuakers());
        counted(checks, "shells in 100 g", f.counts(), f.counts().shells(), limits.mostShells());
        broken(checks, f);
        boolean outside = checks.stream().anyMatch(c -> c.standing == Standing.OUTSIDE && !c.green);
        boolean open = checks.stream().anyMatch(c -> c.standing == Standing.NOT_MEASURED);
        return new BenchJudgement(outside ? Verdict.ROAST_AGAIN : open ? Verdict.MEASURE : Verdict.FIT, checks);
    }

    /**
     * Why it is to be roasted again, or what is still to be measured; what is right about a fit one. What the green
     * coffee is to blame for is said apart.
     */
    public String text() {
        return BenchWords.of(this);
    }

    private static Check time(OptionalDouble totalS, String by, double fromS, double toS) {
        boolean inside = totalS.isPresent() && totalS.getAsDouble() >= fromS && totalS.getAsDouble() <= toS;
        String wanted = Clock.text(fromS) + " to " + Clock.text(toS);
        Standing standing = totalS.isEmpty() ? Standing.NOT_MEASURED : inside ? Standing.INSIDE : Standing.OUTSIDE;
        String value = totalS.isPresent() ? Clock.text(totalS.getAsDouble()) : "";
        return new Check("roast time", by, wanted, value, standing, false);
    }

    private static OptionalDouble real(OptionalInt n) {
        return n.isPresent() ? OptionalDouble.of(n.getAsInt()) : OptionalDouble.empty();
    }

    private static void colour(List<Check> checks, String label, OptionalDouble read, double wanted) {
        add(
                checks,
                label,
                "protocol",
                number(wanted) + " ±" + number(PROTOCOL_COLOUR_GIVE),
                read,
                "",
                read.isPresent() && Math.abs(read.getAsDouble() - wanted) <= PROTOCOL_COLOUR_GIVE);
    }

    private static void between(
            List<Check> checks, String label, String by, OptionalDouble v, double from, double to, String unit) {
        add(
                checks,
                label,
                by,
                "%s to %s %s".formatted(number(from), number(to), unit),
                v,
                " " + unit,
                v.isPresent() && v.getAsDouble() >= from && v.getAsDouble() <= to);
    }

    private static void atMost(List<Check> checks, String label, OptionalDouble v, double most, boolean green) {
        boolean inside = v.isPresent() && v.getAsDouble() <= most;
        checks.add(check(label, "lab", "at most " + number(most), v, "", inside, green));
    }

    /** Of the green coffee; what was counted in another mass says so. */
    private static void counted(List<Check> checks, String label, BenchCounts counts, OptionalInt n, double most) {
        atMost(checks, label, real(counts.per100g(n)), most, true);
        if (counts.scaled() && n.isPresent()) {
            Check c = checks.remove(checks.size() - 1);
            String value = "%s (%d in %s g)"
                    .formatted(c.value, n.getAsInt(), number(counts.ofG().getAsDouble()));
            checks.add(new Check(c.label, c.by, c.wanted, value, c.standing, c.green));
        }
    }

    private static void none(List<Check> checks, String label, String by, OptionalInt count) {
        OptionalDouble v = real(count);
        add(checks, label, by, "none", v, "", v.isPresent() && v.getAsDouble() == 0);
    }

    private static void broken(List<Check> checks, BenchFigures f) {
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
