package barrowmist.core.sample;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

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
    public enum Verdict implements Coded {
        FIT("fit"),
        ROAST_AGAIN("roast again"),
        /** Something that is asked for was not measured. */
        MEASURE("bench not done");

        private final String label;

        Verdict(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** How one figure stands. */
    public enum Standing implements Coded {
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
        return of(f, totalS, limits, MadeFor.of(aim));
    }

    /** @param made what it was roasted for, with the limits of that */
    public static BenchJudgement of(BenchFigures f, OptionalDouble totalS, BenchLimits limits, MadeFor made) {
        RoastAim aim = made.aim();
        List<Check> checks = new ArrayList<>();
        if (aim.protocol() && limits.protocol()) {
            BenchChecks.colour(checks, "colour, whole", f.colourWhole(), BenchFigures.PROTOCOL_COLOUR_WHOLE);
            BenchChecks.colour(checks, "colour, ground", f.colourGround(), PROTOCOL_GROUND);
            checks.add(BenchChecks.time(totalS, "protocol", PROTOCOL_SHORTEST_S, PROTOCOL_LONGEST_S));
            BenchChecks.none(checks, "scorched", "protocol", f.scorchedPer100g());
            BenchChecks.none(checks, "tipped", "protocol", f.tippedPer100g());
        }
        if (!aim.protocol()) {
            byAim(checks, f, totalS, made);
        } else {
            BenchChecks.between(
                    checks, "weight loss", "lab", f.weightLossPct(), limits.leastLossPct(), limits.mostLossPct(), "%");
        }
        BenchChecks.atMost(checks, "ground lighter by", f.colourGap(), limits.mostGap(), false);
        // unripe seeds do not brown, and hollow ones were hollow before: common practice, no published source
        BenchChecks.counted(checks, "quakers in 100 g", f.counts(), f.counts().quakers(), limits.mostQuakers());
        BenchChecks.counted(checks, "shells in 100 g", f.counts(), f.counts().shells(), limits.mostShells());
        BenchChecks.broken(checks, f);
        boolean outside = checks.stream().anyMatch(c -> c.standing == Standing.OUTSIDE && !c.green);
        boolean open = checks.stream().anyMatch(c -> c.standing == Standing.NOT_MEASURED);
        return new BenchJudgement(outside ? Verdict.ROAST_AGAIN : open ? Verdict.MEASURE : Verdict.FIT, checks);
    }

    /** A colour is held to the aim where one was read: not every roastery has a meter. */
    private static void byAim(List<Check> checks, BenchFigures f, OptionalDouble totalS, MadeFor made) {
        RoastAim.Limits own = made.limits();
        if (made.timed()) {
            checks.add(BenchChecks.time(totalS, AIM, own.shortestS(), own.longestS()));
        }
        if (made.aim() != RoastAim.OWN) {
            BenchChecks.none(checks, "scorched", AIM, f.scorchedPer100g());
            BenchChecks.none(checks, "tipped", AIM, f.tippedPer100g());
        }
        if (made.weighed()) {
            BenchChecks.between(
                    checks, "weight loss", AIM, f.weightLossPct(), own.leastLossPct(), own.mostLossPct(), "%");
        }
        if (made.coloured() && f.colourWhole().isPresent()) {
            BenchChecks.between(
                    checks, "colour, whole", AIM, f.colourWhole(), own.darkestColour(), own.lightestColour(), "");
        }
    }

    /**
     * Why it is to be roasted again, or what is still to be measured; what is right about a fit one. What the green
     * coffee is to blame for is said apart.
     */
    public String text() {
        return BenchWords.of(this);
    }
}
