package barrowmist.core.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;

/**
 * What of a roaster's numbers can be true.
 *
 * @param bean what its bean probe may read
 * @param environment what its environment probe may read
 * @param noValues words of 16 bits, in hexadecimal, by which its controller says that it has no value; of numbers of 32 bits
 *     the same code stretched to both words, and of floating point what is no number
 */
public record Sense(Range bean, Range environment, List<String> noValues) {

    private static final double COLDEST_C = -50;
    private static final double HOTTEST_C = 1000;
    private static final int MOST_CODES = 20;

    /** From a cold lab to beyond what beans and drum air come to, °C (house defaults). */
    private static final Range PROBE = new Range(-20, 400);

    /**
     * As controllers use to say that a probe is open or a number too large (common practice, no published source): all bits
     * set, the largest and the smallest number with a sign.
     */
    public static final Sense USUAL = new Sense(PROBE, PROBE, List.of("FFFF", "7FFF", "8000"));

    /**
     * What a probe may read.
     *
     * @param lowC °C
     * @param highC °C
     */
    public record Range(double lowC, double highC) {

        public boolean holds(double c) {
            return c >= lowC && c <= highC;
        }
    }

    /** Every problem of it, by its name in a link. */
    List<FieldProblem> problems() {
        Checks checks = new Checks();
        check(checks, "bean", bean);
        check(checks, "environment", environment);
        if (noValues.size() > MOST_CODES || noValues.stream().anyMatch(c -> !c.matches("[0-9A-Fa-f]{4}"))) {
            checks.add(
                    "link.noValues",
                    "Codes for no value are " + noValues + ", expected at most " + MOST_CODES
                            + " of four hexadecimal digits, such as FFFF");
        }
        return checks.problems();
    }

    private static void check(Checks checks, String probe, Range range) {
        checks.range("link." + probe + ".lowC", "Lowest of " + probe, range.lowC, COLDEST_C, HOTTEST_C, "°C")
                .range("link." + probe + ".highC", "Highest of " + probe, range.highC, range.lowC, HOTTEST_C, "°C");
    }
}
