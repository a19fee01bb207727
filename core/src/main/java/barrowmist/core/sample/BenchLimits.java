package barrowmist.core.sample;

import barrowmist.core.check.Begins;
import barrowmist.core.check.Begins.Standing;
import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;

/**
 * What a lab asks of a roasted sample beside the cupping protocol. All are house defaults, to be edited.
 *
 * @param protocol whether the cupping protocol is asked for: colour, time, no scorching
 * @param leastLossPct least weight loss, %
 * @param mostLossPct most weight loss, %
 * @param mostGap how much lighter the ground coffee may be than the whole beans
 * @param mostQuakers in 100 g
 * @param mostShells in 100 g
 */
public record BenchLimits(
        boolean protocol,

        @Begins(value = Standing.COMMON_PRACTICE, source = "light roasts lose about 11 to 13 %")
        double leastLossPct,

        @Begins(value = Standing.HOUSE_DEFAULT, source = "medium roasts lose a little more")
        double mostLossPct,

        @Begins(Standing.HOUSE_DEFAULT) double mostGap,

        @Begins(value = Standing.PUBLISHED, source = "specialty grade has no quaker in 100 g, value from memory")
        int mostQuakers,

        @Begins(Standing.HOUSE_DEFAULT) int mostShells) {

    /** Where a lab begins. */
    public static final BenchLimits DEFAULTS = new BenchLimits(true, 11, 15, 8, 0, 5);

    /** Every problem of these limits. */
    public List<FieldProblem> problems() {
        return new Checks()
                .range("mostLossPct", "Most weight loss", mostLossPct, 1, 40, "%")
                .range("leastLossPct", "Least weight loss", leastLossPct, 0, mostLossPct, "%")
                .range("mostGap", "Ground lighter by", mostGap, 0, 40, "")
                .range("mostQuakers", "Quakers", mostQuakers, 0, 500, "in 100 g")
                .range("mostShells", "Shells", mostShells, 0, 500, "in 100 g")
                .problems();
    }
}
