package barrowmist.core.cupping.panel;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.core.cupping.TableTiming;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What is to be done at a table, and when: from the first pour on, s (SCA cupping protocol, from memory: crust broken at
 * 4:00, allowed 3:00 to 5:00, skimmed within about a minute, flavour and aftertaste at about 71 °C, acidity, body and balance
 * from there down to 60 °C, sweetness, uniformity and clean cup near 37 °C, an end at 21 °C; no more than 15 minutes from grinding to
 * the water, 30 where the cups are covered).
 *
 * @param cooling how the cups cool
 * @param pouredS when each sample was or will be poured, in the order of the table, s since the first pour
 * @param timing when the crust is broken and tasting begins
 */
public record TableClock(CupCooling cooling, List<Double> pouredS, TableTiming timing) {

    private static final double GROUND_S = 900;
    private static final double GROUND_COVERED_S = 1800;

    private static final double SKIM_S = 60;
    /** Acidity, body and balance are taken from about 71 °C down to 60 (SCA cupping protocol, value from memory): the middle. */
    private static final double SECOND_ROUND_C = 66;

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
    public enum Stage implements Coded {
        POUR("pour", "Pour"),
        LEAVE("leave the crust", "Leave the crust"),
        BREAK("break", "Break the crust"),
        SKIM("skim", "Skim"),
        WAIT("wait", "Wait until the cups have cooled"),
        TASTE("first taste", "First taste: flavour and aftertaste"),
        SECOND_ROUND("second round", "Second round: acidity, body, balance"),
        LAST_ROUND("last round", "Last round: sweetness, uniformity, clean cup"),
        STOP("the end", "Stop: the cups are cold");

        private final String label;
        private final String meaning;

        Stage(String label, String meaning) {
            this.label = label;
            this.meaning = meaning;
        }

        @Override
        public String label() {
            return label;
        }

        @Override
        public String meaning() {
            return meaning;
        }
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
            return new Break(afterPourS < TableTiming.EARLIEST_BREAK_S, afterPourS > TableTiming.LATEST_BREAK_S);
        }
    }

    /** How long ground coffee may wait for its water, s. */
    public static double groundS(boolean covered) {
        return covered ? GROUND_COVERED_S : GROUND_S;
    }

    /**
     * When each sample was or will be poured, s since the first pour.
     *
     * @param samples on the table
     * @param gapS between one pour and the next where nobody taps, s
     * @param tapped by place, from 0, when somebody poured
     */
    public static List<Double> pours(int samples, double gapS, Map<Integer, Double> tapped) {
        List<Double> pours = new ArrayList<>();
        for (int i = 0; i < samples; i++) {
            pours.add(tapped.getOrDefault(i, i == 0 ? 0 : pours.get(i - 1) + gapS));
        }
        return List.copyOf(pours);
    }

    /** Every step, in order; each lasts until the next. */
    public List<Step> steps() {
        OptionalDouble none = OptionalDouble.empty();
        double lastPourS = pouredS.stream().mapToDouble(s -> s).max().orElse(0);
        double breakS = timing.toBreakS();
        List<Step> steps = new ArrayList<>();
        if (lastPourS > 0) {
            steps.add(new Step(Stage.POUR, 0, none));
        }
        steps.add(new Step(Stage.LEAVE, lastPourS > 0 ? Math.min(lastPourS + 1, breakS) : 0, none));
        steps.add(new Step(Stage.BREAK, breakS, none));
        steps.add(new Step(Stage.SKIM, breakS + lastPourS + SKIM_S / 2, none));
        rounds(steps, breakS + lastPourS + 2 * SKIM_S);
        return List.copyOf(steps);
    }

    private void rounds(List<Step> steps, double skimmedS) {
        boolean byTime = timing.tasteS().isPresent();
        double firstC = timing.toTasteC();
        double tasteS = Math.max(skimmedS, timing.tasteS().orElseGet(() -> reaches(firstC)));
        if (tasteS > skimmedS) {
            steps.add(new Step(Stage.WAIT, skimmedS, OptionalDouble.empty()));
        }
        double lastC = Math.max(LAST_ROUND_C, cooling.roomC() + 2 * NEAR_ROOM_C);
        double lastS = Math.max(tasteS, reaches(lastC));
        double secondC = firstC > SECOND_ROUND_C ? SECOND_ROUND_C : (firstC + lastC) / 2;
        steps.add(new Step(Stage.TASTE, tasteS, byTime ? OptionalDouble.empty() : OptionalDouble.of(firstC)));
        if (reaches(secondC) > tasteS && secondC > lastC) {
            steps.add(new Step(Stage.SECOND_ROUND, reaches(secondC), OptionalDouble.of(secondC)));
        } else {
            // cups that are tasted late have no temperature of their own between: half-way
            steps.add(new Step(Stage.SECOND_ROUND, (tasteS + lastS) / 2, OptionalDouble.empty()));
        }
        steps.add(new Step(Stage.LAST_ROUND, lastS, OptionalDouble.of(lastC)));
        double endC = Math.max(END_C, cooling.roomC() + NEAR_ROOM_C);
        steps.add(new Step(Stage.STOP, Math.max(tasteS, reaches(endC)), OptionalDouble.of(endC)));
    }

    private double reaches(double c) {
        return cooling.reaches(c).orElse(Double.MAX_VALUE);
    }
}
