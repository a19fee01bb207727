package barrowmist.core.machine;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.DrumSimulation;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.HeatChange;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.function.UnaryOperator;

/** How a drum's rate of rise answers to its controls, tried on its model: a small change in the middle of browning. */
final class ControlAnswer {

    private static final double CHANGE = 0.05;
    private static final double AFTER_S = 40;
    private static final double HALF_S = 10;
    private static final double LEAST_C_PER_MIN = 3;
    private static final double MOST = 8;
    private static final double PERCENT = 100;

    private ControlAnswer() {}

    /** In the middle of these roasts; the usual one where none has a first crack. */
    static HeatChange.Answer of(MachineConstants machine, List<FitRoast> roasts) {
        double[] gas = answers(
                machine, roasts, l -> new ControlLevels(l.gasPct() * (1 - CHANGE), l.airflowPct(), l.drumRpm()));
        double[] air = answers(
                machine, roasts, l -> new ControlLevels(l.gasPct(), l.airflowPct() + PERCENT * CHANGE, l.drumRpm()));
        return gas.length == 0 ? HeatChange.Answer.USUAL : new HeatChange.Answer(middle(gas), middle(air));
    }

    private static double middle(double[] answers) {
        return Math.max(0, Math.min(MOST, Band.median(answers)));
    }

    private static double[] answers(
            MachineConstants machine, List<FitRoast> roasts, UnaryOperator<ControlLevels> change) {
        return roasts.stream()
                .filter(r -> r.figures().firstCrack().isPresent())
                .mapToDouble(r -> answer(machine, r, change))
                .filter(Double::isFinite)
                .toArray();
    }

    private static double answer(MachineConstants machine, FitRoast roast, UnaryOperator<ControlLevels> change) {
        double atS = roast.figures().firstCrack().map(Milestone::timeS).orElseThrow() - 2 * AFTER_S;
        Controls logged = Controls.logged(roast.log(), new ControlLevels(0, PERCENT, machine.usualRpm()));
        ControlLevels standing = logged.at(atS, 0);
        double as = rate(machine, roast, (t, c) -> t < atS ? logged.at(t, c) : standing, atS);
        double changed = rate(machine, roast, (t, c) -> t < atS ? logged.at(t, c) : change.apply(standing), atS);
        return as < LEAST_C_PER_MIN ? Double.NaN : (as - changed) / as / CHANGE;
    }

    private static double rate(MachineConstants machine, FitRoast roast, Controls controls, double atS) {
        Series bean = new DrumSimulation(machine)
                .run(roast.batch(), controls, atS + AFTER_S + HALF_S, (t, c) -> false)
                .log()
                .beanC();
        return 60 * bean.slopeAbout(atS + AFTER_S, HALF_S).orElse(Double.NaN);
    }
}
