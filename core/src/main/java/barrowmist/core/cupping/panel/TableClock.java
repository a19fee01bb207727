package barrowmist.core.cupping.panel;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.cupping.TableProtocol;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What is to be done at a table, and when: from the first pour on, s (SCA cupping protocol, from memory: crust broken at
 * 4:00, allowed 3:00 to 5:00, skimmed within about a minute, first tasted at about 71 °C, sweetness, uniformity and clean cup
 * near 37 °C, an end at 21 °C).
 *
 * @param cooling how the cups cool
 * @param cups number of samples that are poured one after the other
 * @param gapS between one sample's pour and the next, s
 * @param firstTasteC from which temperature on is tasted, °C
 */
public record TableClock(CupCooling cooling, int cups, double gapS, double firstTasteC) {

    public static final double BREAK_S = 240;
    public static final double EARLIEST_BREAK_S = 180;
    public static final double LATEST_BREAK_S = 300;
    public static final double FIRST_TASTE_C = 71;

    private static final double SKIM_S = 60;
    private static final double LAST_ROUND_C = 37;
    private static final double END_C = 21;

    /** A room warmer than the end: nothing more is learned so near to it, °C (house default). */
    private static final double NEAR_ROOM_C = 3;

    /**
     * How the pour begins.
     *
     * @param gapS between one sample's pour and the next, s
     * @param waterC as poured, °C
     * @param roomC °C
     */
    public record Pour(double gapS, double waterC, double roomC) {

        private static final double MOST_GAP_S = 300;
        private static final double COLDEST_ROOM_C = -10;
        private static final double HOTTEST_ROOM_C = 50;

        /** Twenty seconds apart in a usual room (house defaults), water as the protocol asks. */
        public static Pour usual() {
            return new Pour(20, TableProtocol.usual().waterC().orElseThrow(), 22);
        }

        /** Every problem of it; a room that is as warm as the water cools nothing. */
        public List<FieldProblem> problems() {
            return new Checks()
                    .range("gapS", "Between two pours", gapS, 0, MOST_GAP_S, "s")
                    .range(
                            "waterC",
                            "Water as poured",
                            waterC,
                            TableProtocol.LEAST_WATER_C,
                            TableProtocol.MOST_WATER_C,
                            "°C")
                    .range("roomC", "Room", roomC, COLDEST_ROOM_C, Math.min(HOTTEST_ROOM_C, waterC - NEAR_ROOM_C), "°C")
                    .problems();
        }
    }

    /** What is to be done. */
    public enum Stage {
        POUR,
        LEAVE,
        BREAK,
        SKIM,
        WAIT,
        TASTE,
        LAST_ROUND,
        STOP
    }

    /**
     * @param fromS s since the first pour
     * @param c temperature that begins it, °C; empty where the time does
     */
    public record Step(Stage stage, double fromS, OptionalDouble c) {}

    /** How a break came: as allowed, or so many seconds outside of it. */
    public record Break(boolean early, boolean late) {

        /** @param afterPourS s after this sample's own pour */
        public static Break at(double afterPourS) {
            return new Break(afterPourS < EARLIEST_BREAK_S, afterPourS > LATEST_BREAK_S);
        }
    }

    /** When the sample at a place was or will be poured, s since the first pour. */
    public double pouredS(int place) {
        return place * gapS;
    }

    /** Every step, in order; each lasts until the next. */
    public List<Step> steps() {
        OptionalDouble none = OptionalDouble.empty();
        double lastPourS = pouredS(Math.max(0, cups - 1));
        List<Step> steps = new ArrayList<>();
        if (lastPourS > 0) {
            steps.add(new Step(Stage.POUR, 0, none));
        }
        steps.add(new Step(Stage.LEAVE, lastPourS > 0 ? Math.min(lastPourS + 1, BREAK_S) : 0, none));
        steps.add(new Step(Stage.BREAK, BREAK_S, none));
        steps.add(new Step(Stage.SKIM, BREAK_S + lastPourS + SKIM_S / 2, none));
        double skimmedS = BREAK_S + lastPourS + 2 * SKIM_S;
        double tasteS = Math.max(skimmedS, reaches(firstTasteC));
        if (tasteS > skimmedS) {
            steps.add(new Step(Stage.WAIT, skimmedS, none));
        }
        steps.add(new Step(Stage.TASTE, tasteS, OptionalDouble.of(firstTasteC)));
        double last = Math.max(LAST_ROUND_C, cooling.roomC() + 2 * NEAR_ROOM_C);
        steps.add(new Step(Stage.LAST_ROUND, Math.max(tasteS, reaches(last)), OptionalDouble.of(last)));
        double end = Math.max(END_C, cooling.roomC() + NEAR_ROOM_C);
        steps.add(new Step(Stage.STOP, Math.max(tasteS, reaches(end)), OptionalDouble.of(end)));
        return List.copyOf(steps);
    }

    private double reaches(double c) {
        return cooling.reaches(c).orElse(Double.MAX_VALUE);
    }
}
