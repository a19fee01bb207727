package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A lab's own plain scales of 0 to 10 for the label, such as "brightness" (common practice, no published source).
 *
 * @param names what each is called, in their order; empty in a lab without
 */
public record HouseScales(List<String> names) {

    public static final int MOST = 10;
    private static final int MOST_NAMES = 8;
    private static final int LONGEST_NAME = 30;

    public HouseScales {
        names = names == null ? List.of() : names.stream().map(String::strip).toList();
    }

    /** Every problem of the names. */
    public List<FieldProblem> problems() {
        Checks checks = new Checks();
        if (names.size() > MOST_NAMES) {
            checks.add("names", "There are " + names.size() + " scales, at most " + MOST_NAMES + " fit a label");
        }
        Set<String> seen = new HashSet<>();
        for (String name : names) {
            if (name.isEmpty() || name.length() > LONGEST_NAME) {
                checks.add("names", "The name of a scale has 1 to " + LONGEST_NAME + " characters");
            } else if (!seen.add(name.toLowerCase(Locale.ROOT))) {
                checks.add("names", "\"" + name + "\" is there twice");
            }
        }
        return checks.problems();
    }

    /** What is wrong with values of one sample: a scale that has gone since may stay, a value out of range may not. */
    public static List<FieldProblem> problems(Map<String, Integer> given) {
        Checks checks = new Checks();
        given.forEach((name, value) ->
                checks.range("scales." + name, name.isBlank() ? "A scale without a name" : name, value, 0, MOST, ""));
        return checks.problems();
    }
}
