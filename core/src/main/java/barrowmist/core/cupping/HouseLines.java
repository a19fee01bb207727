package barrowmist.core.cupping;

import barrowmist.core.check.Begins;
import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Map;

/**
 * What a lab asks of a cup.
 *
 * @param leastAttribute an attribute of the 100-point form below this is shown as below the line
 * @param leastScore a final score below this is shown so, points
 * @param premiumScore from here a coffee is premium in this house, points
 */
public record HouseLines(
        @Begins(Begins.Standing.HOUSE_DEFAULT) double leastAttribute,

        @Begins(
                value = Begins.Standing.PUBLISHED,
                source = "SCA cupping protocol 2003–2015: specialty from 80 points (value from memory)")
        double leastScore,

        @Begins(Begins.Standing.COMMON_PRACTICE) double premiumScore) {

    private static final double MOST_POINTS = 100;

    /** As a lab begins. */
    public static final HouseLines DEFAULTS = new HouseLines(7.25, 80, 85);

    /** Every problem of it, by its names on the wire. */
    public List<FieldProblem> problems() {
        return new Checks()
                .range("leastAttribute", "Least of an attribute", leastAttribute, 0, HundredPointSheet.SCORE_MAX, "")
                .range("leastScore", "Least final score", leastScore, 0, MOST_POINTS, "")
                .range("premiumScore", "Premium from", premiumScore, leastScore, MOST_POINTS, "")
                .problems();
    }

    /** Attributes of this sheet that lie below the line, by their names on the wire; none but on the 100-point form. */
    public List<String> below(CuppingSheet sheet) {
        if (sheet.form() != CuppingForm.HUNDRED_POINT) {
            return List.of();
        }
        return sheet.attributes().entrySet().stream()
                .filter(a -> a.getValue() < leastAttribute)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** What a final score is in this house, in a word or two; empty between the lines. */
    public String says(double finalScore) {
        return finalScore < leastScore ? "below the line" : finalScore >= premiumScore ? "premium" : "";
    }
}
