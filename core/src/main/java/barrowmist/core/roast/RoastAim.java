package barrowmist.core.roast;

import barrowmist.core.check.Coded;
import java.util.OptionalDouble;

/**
 * What a roast is made for: it decides what is right for it. Losses are common practice, no published source: light roasts
 * lose about 11 to 13 %, medium 14 to 16, dark beyond 17; an espresso roast in a drum may take up to 14 minutes and is
 * dropped well above first crack. The rest are house defaults.
 */
public enum RoastAim implements Coded {
    /** For cupping by the protocol: 8 to 12 minutes (SCA cupping protocol, values from memory). */
    PROTOCOL_SAMPLE("Protocol sample", new Limits(480, 720, 11, 15, 57, 59, 42, 13, 15, 16, 5, Rates.CALM)),
    FILTER_LIGHT("Filter, light", new Limits(390, 780, 10.5, 14, 58, 80, 44, 11, 13, 15, 4, Rates.NONE)),
    FILTER_MEDIUM("Filter, medium", new Limits(450, 840, 13, 16.5, 50, 62, 44, 14, 16, 18, 6, Rates.CALM)),
    /** A natural with a slow end; a browning share of 35 % or more is wanted (common practice, no published source). */
    FRUIT_NATURAL(
            "Fruit-forward natural", new Limits(420, 780, 11, 15.5, 55, 75, 47, 12, 14, 15, 4, Rates.CALM_NATURAL)),
    ESPRESSO("Espresso", new Limits(540, 840, 14, 18.5, 42, 56, 46, 17, 19, 21, 9, Rates.CALM)),
    DARK("Dark", new Limits(600, 960, 16.5, 22, 25, 47, 46, 19, 21, 24, 14, Rates.CALM)),
    /** Nothing is asked of it but what its own plan aims at: {@link MadeFor}. */
    OWN("Own", new Limits(0, 3600, 0, 40, 0, 100, 60, 5, 8, 10, 2, Rates.NONE));

    /** Rates of rise at first crack, °C/min: 12 to 15 °F/min are called calm, the slow end for a natural (one roaster's). */
    private static final class Rates {
        static final double CALM = 15 * 5 / 9.0;
        static final double CALM_NATURAL = 12 * 5 / 9.0;
        static final double NONE = Double.POSITIVE_INFINITY;
    }

    private final String label;
    private final Limits limits;

    RoastAim(String label, Limits limits) {
        this.label = label;
        this.limits = limits;
    }

    /**
     * What is right for such a roast.
     *
     * @param shortestS charge to drop at least, s
     * @param longestS charge to drop at most, s
     * @param leastLossPct weight loss at least, %
     * @param mostLossPct weight loss at most, %
     * @param darkestColour whole beans read at least, 0–100
     * @param lightestColour whole beans read at most, 0–100
     * @param longBrowningPct a browning share beyond this is long, %
     * @param shortDevelopmentPct a development share below this is short, %
     * @param enoughDevelopmentPct from here on development is enough, %
     * @param targetDevelopmentPct development share to correct to, %
     * @param fewDegreesC fewer degrees from first crack to drop are few, °C
     * @param fastAtFirstCrackCPerMin a rate of rise at first crack beyond this is fast where the roaster has no usual one yet,
     *     °C/min; infinite for a style that asks for none
     */
    public record Limits(
            double shortestS,
            double longestS,
            double leastLossPct,
            double mostLossPct,
            double darkestColour,
            double lightestColour,
            double longBrowningPct,
            double shortDevelopmentPct,
            double enoughDevelopmentPct,
            double targetDevelopmentPct,
            double fewDegreesC,
            double fastAtFirstCrackCPerMin) {

        /** 0 was kept before there was such a limit, and asks for none. */
        public Limits {
            fastAtFirstCrackCPerMin = fastAtFirstCrackCPerMin > 0 ? fastAtFirstCrackCPerMin : Rates.NONE;
        }
    }

    @Override
    public String label() {
        return label;
    }

    public Limits limits() {
        return limits;
    }

    /** Whether the cupping protocol's colour and time are asked of it. */
    public boolean protocol() {
        return this == PROTOCOL_SAMPLE;
    }

    /**
     * How far above first crack such a roast is dropped, °C, where that is what ends it: a full city 30 °F, a dark one at
     * second crack, some 50 °F above the first (common practice, no published source). Empty for the others.
     */
    public OptionalDouble dropOverCrackC() {
        return switch (this) {
            case ESPRESSO -> OptionalDouble.of(Math.rint(30 * 5.0 / 9));
            case DARK -> OptionalDouble.of(Math.rint(50 * 5.0 / 9));
            default -> OptionalDouble.empty();
        };
    }
}
