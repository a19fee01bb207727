package barrowmist.core.green;

import barrowmist.core.check.Begins;
import barrowmist.core.check.Begins.Standing;
import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;

/**
 * What a laboratory wants of its green coffee; every figure can be edited.
 *
 * @param moistureMinPct wanted moisture at least, %
 * @param moistureMaxPct wanted moisture at most, %
 * @param moistureWorkableMinPct still workable at least, %
 * @param waterActivityMin comfortable water activity at least
 * @param waterActivityMax comfortable at most
 * @param waterActivityLimit upper limit
 * @param denseGPerL dense from here on, g/L
 * @param softGPerL soft below, g/L
 * @param belowScreenPct most that may fall through the contracted screen, %
 * @param maxAgeMonths use within so many months of the harvest
 */
public record GreenLimits(
        @Begins(
                value = Standing.PUBLISHED,
                source =
                        "SCA green coffee standard, value from memory; ICO Resolution 420 has 8 to 12.5, value from memory")
        double moistureMinPct,

        @Begins(
                value = Standing.PUBLISHED,
                source =
                        "SCA green coffee standard, value from memory; ICO Resolution 420 has 8 to 12.5, value from memory")
        double moistureMaxPct,

        @Begins(Standing.COMMON_PRACTICE) double moistureWorkableMinPct,

        @Begins(value = Standing.PUBLISHED, source = "handbooks of green coffee, value from memory")
        double waterActivityMin,

        @Begins(value = Standing.PUBLISHED, source = "handbooks of green coffee, value from memory")
        double waterActivityMax,

        @Begins(value = Standing.PUBLISHED, source = "SCA green coffee standard, value from memory")
        double waterActivityLimit,

        @Begins(Standing.COMMON_PRACTICE) double denseGPerL,
        @Begins(Standing.COMMON_PRACTICE) double softGPerL,
        @Begins(Standing.HOUSE_DEFAULT) double belowScreenPct,

        @Begins(value = Standing.HOUSE_DEFAULT, source = "many say 12 months")
        double maxAgeMonths) {

    /** Where a lab begins. */
    public static final GreenLimits DEFAULTS = new GreenLimits(10, 12, 9, 0.50, 0.60, 0.70, 700, 680, 5, 18);

    /** Every problem of these limits. */
    public List<FieldProblem> problems() {
        Checks checks = new Checks()
                .range("moistureMinPct", "Least moisture", moistureMinPct, moistureWorkableMinPct, moistureMaxPct, "%")
                .range("moistureMaxPct", "Most moisture", moistureMaxPct, 5, 20, "%")
                .range("moistureWorkableMinPct", "Least workable moisture", moistureWorkableMinPct, 5, 20, "%")
                .range("waterActivityMin", "Least water activity", waterActivityMin, 0.2, waterActivityMax, "")
                .range(
                        "waterActivityMax",
                        "Most comfortable water activity",
                        waterActivityMax,
                        0.2,
                        waterActivityLimit,
                        "")
                .range("waterActivityLimit", "Limit of water activity", waterActivityLimit, 0.2, 1, "")
                .range("denseGPerL", "Dense from", denseGPerL, softGPerL, LotRules.DENSITY_MAX_G_PER_L, "g/L")
                .range(
                        "softGPerL",
                        "Soft below",
                        softGPerL,
                        LotRules.DENSITY_MIN_G_PER_L,
                        LotRules.DENSITY_MAX_G_PER_L,
                        "g/L")
                .range("belowScreenPct", "Most below the screen", belowScreenPct, 0, 100, "%")
                .range("maxAgeMonths", "Most months since harvest", maxAgeMonths, 1, 60, "months");
        return checks.problems();
    }
}
