package barrowmist.core.decision;

import barrowmist.core.check.Checks;
import barrowmist.core.check.CountTest;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.LotRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What was agreed with a supplier; each point may be left out, and then the house's own limits hold.
 *
 * @param scoreFloor least final score, points
 * @param mostMoisturePct most moisture, per cent
 * @param mostCategory1 most full defects of category 1 in 350 g
 * @param mostCategory2 most full defects of category 2 in 350 g
 * @param mostBelowScreenPct most below the contracted screen, per cent
 * @param daysToApprove from the arrival, until which it is approved or refused
 */
public record Contract(
        OptionalDouble scoreFloor,
        OptionalDouble mostMoisturePct,
        OptionalInt mostCategory1,
        OptionalInt mostCategory2,
        OptionalDouble mostBelowScreenPct,
        OptionalInt daysToApprove) {

    public static final Contract NONE = new Contract(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalInt.empty(),
            OptionalInt.empty(),
            OptionalDouble.empty(),
            OptionalInt.empty());

    /** The name of its judgements. */
    public static final String FIELD = "contract";

    private static final int MOST_DEFECTS = 500;
    private static final int MOST_DAYS = 365;

    /** Two meters read one green so far apart, %-points of moisture; two sievings, %-points (house defaults). */
    private static final double METER_PCT = 0.2;

    private static final double SIEVES_PCT = 1;

    private static final double ROUNDING = 1e-9;

    /** Every problem of it, by its names on the wire. */
    public List<FieldProblem> problems() {
        return new Checks()
                .range("scoreFloor", "Score floor", scoreFloor, 0, 100, "points")
                .range(
                        "mostMoisturePct",
                        "Moisture",
                        mostMoisturePct,
                        LotRules.MOISTURE_MIN_PCT,
                        LotRules.MOISTURE_MAX_PCT,
                        "%")
                .range("mostCategory1", "Defects of category 1", whole(mostCategory1), 0, MOST_DEFECTS, "")
                .range("mostCategory2", "Defects of category 2", whole(mostCategory2), 0, MOST_DEFECTS, "")
                .range("mostBelowScreenPct", "Below the screen", mostBelowScreenPct, 0, 100, "%")
                .range("daysToApprove", "Days to approve", whole(daysToApprove), 0, MOST_DAYS, "days")
                .problems();
    }

    private static OptionalDouble whole(OptionalInt value) {
        return value.isPresent() ? OptionalDouble.of(value.getAsInt()) : OptionalDouble.empty();
    }

    /** The same with what this leaves out taken from another. */
    public Contract or(Contract other) {
        return new Contract(
                scoreFloor.isPresent() ? scoreFloor : other.scoreFloor,
                mostMoisturePct.isPresent() ? mostMoisturePct : other.mostMoisturePct,
                mostCategory1.isPresent() ? mostCategory1 : other.mostCategory1,
                mostCategory2.isPresent() ? mostCategory2 : other.mostCategory2,
                mostBelowScreenPct.isPresent() ? mostBelowScreenPct : other.mostBelowScreenPct,
                daysToApprove.isPresent() ? daysToApprove : other.daysToApprove);
    }

    /** The house's rules, as far as the contract does not say otherwise. */
    public DecisionRules rules(DecisionRules house) {
        return new DecisionRules(
                scoreFloor.orElse(house.scoreFloor()),
                house.affectiveFloor(),
                house.sheetSd(),
                house.sureSpreads(),
                house.wholeLotShare(),
                daysToApprove.orElse(house.daysToDecide()),
                house.soonDays(),
                house.historyDays());
    }

    /** What was measured against it, point by point; what was not measured, or not agreed, is not there. */
    public List<GreenJudgement> against(Inspection measured) {
        List<GreenJudgement> out = new ArrayList<>();
        point("moisture", "%", mostMoisturePct, measured.moisturePct(), METER_PCT, out);
        var defects = measured.defectCount(OptionalInt.empty());
        defects.ifPresent(d -> {
            count("full defects of category 1", mostCategory1, d.fullDefects(1), out);
            count("full defects of category 2", mostCategory2, d.fullDefects(2), out);
        });
        OptionalDouble below =
                measured.screens().isPresent() ? measured.screens().get().belowContractPct() : OptionalDouble.empty();
        point("below the screen", "%", mostBelowScreenPct, below, SIEVES_PCT, out);
        return out;
    }

    /** Defects counted against what was agreed: beyond it, and beyond what counting one sample scatters. */
    private static void count(String name, OptionalInt most, int found, List<GreenJudgement> out) {
        if (most.isPresent()) {
            boolean clearly = CountTest.atLeast(found, most.getAsInt()) <= CountTest.ALPHA;
            judge(name, "", most.getAsInt(), found, found > most.getAsInt(), clearly, out);
        }
    }

    private static void point(
            String name,
            String unit,
            OptionalDouble most,
            OptionalDouble found,
            double scatter,
            List<GreenJudgement> out) {
        if (most.isPresent() && found.isPresent()) {
            double over = found.getAsDouble() - most.getAsDouble();
            judge(
                    name,
                    unit.isEmpty() ? "" : " " + unit,
                    most.getAsDouble(),
                    found.getAsDouble(),
                    over > ROUNDING,
                    over > scatter + ROUNDING,
                    out);
        }
    }

    private static void judge(
            String name,
            String unit,
            double most,
            double found,
            boolean over,
            boolean clearly,
            List<GreenJudgement> out) {
        String text =
                "Contract, %s: at most %s%s, found %s%s.".formatted(name, number(most), unit, number(found), unit);
        Verdict verdict = clearly ? Verdict.OUT : over ? Verdict.WATCH : Verdict.GOOD;
        out.add(new GreenJudgement(
                FIELD,
                verdict,
                over && !clearly ? text + " So little is within what measuring scatters: repeat it." : text));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, value == Math.rint(value) ? "%.0f" : "%.1f", value);
    }
}
