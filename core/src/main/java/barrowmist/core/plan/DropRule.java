package barrowmist.core.plan;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.Series;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * When the roast is ended: by one thing, or by the first or the last of two.
 *
 * @param by what decides
 * @param value °C, s or %, as {@code by} says
 * @param other what decides with it
 */
public record DropRule(By by, double value, Optional<Other> other) {

    private static final double PERCENT = 100;

    public DropRule(By by, double value) {
        this(by, value, Optional.empty());
    }

    /**
     * A second thing.
     *
     * @param last whether the roast waits for both; else the first of the two ends it
     */
    public record Other(boolean last, By by, double value) {}

    /** What decides the drop. */
    public enum By implements Coded {
        /** The bean probe, °C. */
        BEAN_C("bean temperature"),
        /** Time since charge, s. */
        TOTAL_S("total seconds"),
        /** Time since first crack, s. */
        DEVELOPMENT_S("seconds after first crack"),
        /** Share of the time since charge that came after first crack, %. */
        DEVELOPMENT_PCT("development share"),
        /** Degrees above first crack, °C: full city lies about 17 above it (common practice, no published source). */
        OVER_CRACK_C("degrees above first crack");

        private final String label;

        By(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Each thing by itself. */
    public List<DropRule> parts() {
        DropRule first = new DropRule(by, value);
        return other.map(o -> List.of(first, new DropRule(o.by, o.value))).orElse(List.of(first));
    }

    /**
     * The one that ends the roast, by itself.
     *
     * @param timeS when each comes, s since charge; infinite for one that never does
     */
    public DropRule deciding(ToDoubleFunction<DropRule> timeS) {
        Comparator<DropRule> byTime = Comparator.comparingDouble(timeS);
        boolean last = other.map(Other::last).orElse(false);
        return parts().stream().min(last ? byTime.reversed() : byTime).orElseThrow();
    }

    /** When this comes in a roast, one of two not asked; infinite where it never does, s since charge. */
    double timeS(RoastAnalysis analysis) {
        Optional<Milestone> crack = analysis.figures().firstCrack();
        Series bean = analysis.log().beanC();
        double crackS = crack.map(Milestone::timeS).orElse(Double.POSITIVE_INFINITY);
        double turnedS = analysis.figures().turningPoint().map(Milestone::timeS).orElse(0.0);
        return switch (by) {
            case TOTAL_S -> value;
            case DEVELOPMENT_S -> crackS + value;
            case DEVELOPMENT_PCT -> crackS / (1 - value / PERCENT);
            case BEAN_C -> bean.risesTo(value, turnedS).orElse(Double.POSITIVE_INFINITY);
            case OVER_CRACK_C ->
                crack.map(m -> bean.risesTo(m.beanC() + value, crackS).orElse(Double.POSITIVE_INFINITY))
                        .orElse(Double.POSITIVE_INFINITY);
        };
    }

    /**
     * @param crackS first crack, s since charge; not finite before it
     * @param crackC bean probe there, °C
     */
    boolean reached(double timeS, double probeC, double crackS, double crackC, boolean rising) {
        boolean here = alone(timeS, probeC, crackS, crackC, rising);
        return other.map(o -> {
                    boolean there = new DropRule(o.by, o.value).alone(timeS, probeC, crackS, crackC, rising);
                    return o.last ? here && there : here || there;
                })
                .orElse(here);
    }

    private boolean alone(double timeS, double probeC, double crackS, double crackC, boolean rising) {
        return switch (by) {
            case BEAN_C -> rising && probeC >= value;
            case OVER_CRACK_C -> timeS >= crackS && probeC >= crackC + value;
            case TOTAL_S -> timeS >= value;
            case DEVELOPMENT_S -> timeS - crackS >= value;
            case DEVELOPMENT_PCT -> PERCENT * (timeS - crackS) / Math.max(timeS, 1) >= value;
        };
    }
}
