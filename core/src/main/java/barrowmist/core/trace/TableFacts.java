package barrowmist.core.trace;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What the table and the other roasts of the lot say. Shares are of those that were cupped and told; nothing of a table that is
 * still blind.
 *
 * @param others the words of each other sample of the same table, of another lot
 * @param before the words of the sample that was ground just before; empty where that is not known
 * @param lot the words of other roasts of the same lot, of those made nearest to it at most {@link #MOST_OF_LOT}
 * @param doseOffPct how far the ratio of coffee to water lies from the usual one, %; empty when not noted
 * @param waterOff how far the water lies from what the protocol allows: 1 is its limit; empty when not noted
 */
public record TableFacts(
        List<Map<String, Integer>> others,
        List<String> before,
        List<Map<String, Integer>> lot,
        OptionalDouble doseOffPct,
        OptionalDouble waterOff) {

    /** A lot that is roasted for months changes: more of its roasts say nothing of this one (house default). */
    public static final int MOST_OF_LOT = 30;

    /** Nothing known. */
    public static final TableFacts NONE =
            new TableFacts(List.of(), List.of(), List.of(), OptionalDouble.empty(), OptionalDouble.empty());
}
