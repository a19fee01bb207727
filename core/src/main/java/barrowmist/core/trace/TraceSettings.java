package barrowmist.core.trace;

import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.sample.BenchJudgement;

/**
 * From where on a figure speaks for or against a cause. House defaults unless a figure says otherwise.
 *
 * @param leastWeight a source must add this much to be heard
 * @param longTotalS a total beyond this drags, s: the protocol asks for 8 to 12 minutes (SCA cupping protocol, value
 *     from memory)
 * @param longBrowningPct a browning share beyond this is long, % (common practice, no published source)
 * @param shortDevelopmentPct a development share below this is short for light sample roasts, % (common practice, no
 *     published source: 13 to 17 %)
 * @param enoughDevelopmentPct from here on development is enough, % (as above)
 * @param targetDevelopmentPct development share to correct to, %
 * @param fewDegreesC fewer degrees from first crack to drop are few, °C
 * @param fastAtFirstCrackCPerMin a rate of rise at first crack beyond this lets the outside run ahead, °C/min
 * @param calmAtFirstCrackCPerMin the rate of rise at first crack to correct a natural to, °C/min (common practice, no published
 *     source: 12 °F/min)
 * @param manyScorched this many scorched beans in 100 g are no accident
 * @param slowDrumRpm a drum slower than this scorches, 1/min
 * @param leastChargeStepC a clearly scorched coffee is charged at least so much lower, °C
 */
public record TraceSettings(
        double leastWeight,
        double longTotalS,
        double longBrowningPct,
        double shortDevelopmentPct,
        double enoughDevelopmentPct,
        double targetDevelopmentPct,
        double fewDegreesC,
        double fastAtFirstCrackCPerMin,
        double calmAtFirstCrackCPerMin,
        int manyScorched,
        double slowDrumRpm,
        double leastChargeStepC) {

    public static final TraceSettings DEFAULTS =
            new TraceSettings(0.8, BenchJudgement.PROTOCOL_LONGEST_S, 42, 13, 15, 16, 5, 11, 6.7, 3, 40, 5);

    /** The same for a roast that is made for something: its limits of time and development are those of its aim. */
    TraceSettings of(MadeFor made) {
        RoastAim.Limits l = made.limits();
        return made.aim().protocol()
                ? this
                : new TraceSettings(
                        leastWeight,
                        l.longestS(),
                        l.longBrowningPct(),
                        l.shortDevelopmentPct(),
                        l.enoughDevelopmentPct(),
                        l.targetDevelopmentPct(),
                        l.fewDegreesC(),
                        l.fastAtFirstCrackCPerMin(),
                        calmAtFirstCrackCPerMin,
                        manyScorched,
                        slowDrumRpm,
                        leastChargeStepC);
    }
}
