package barrowmist.core.sample;

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
        boolean protocol, double leastLossPct, double mostLossPct, double mostGap, int mostQuakers, int mostShells) {

    /** Light roasts lose about 11 to 13 % (common practice, no published source), medium ones a little more. */
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
