package barrowmist.core.trace;

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
 * @param wideColourGap ground lighter than whole by this much means the inside is behind; the protocol's 58/63 is 5
 *     apart
 * @param lowLossPct a weight loss below this is low, % (common practice, no published source)
 * @param manyScorched this many scorched beans in 100 g are no accident
 * @param slowDrumRpm a drum slower than this scorches, 1/min
 * @param restMinHours rest before cupping, h (SCA cupping protocol, value from memory)
 * @param oldMonths a lot older than this may taste of age, months since arrival
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
        double wideColourGap,
        double lowLossPct,
        int manyScorched,
        double slowDrumRpm,
        double restMinHours,
        double oldMonths,
        double leastChargeStepC) {

    public static final TraceSettings DEFAULTS =
            new TraceSettings(0.8, 720, 42, 13, 15, 16, 5, 11, 6.7, 8, 11, 3, 40, 8, 12, 5);
}
