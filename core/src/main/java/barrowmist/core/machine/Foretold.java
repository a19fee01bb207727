package barrowmist.core.machine;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.DrumSimulation;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.machine.thermal.SimulatedCurve;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import java.util.EnumMap;
import java.util.Map;

/** What a model says of a roast that was logged. */
public final class Foretold {

    /** By then every probe rises, s. */
    private static final double LATEST_TURN_S = 150;

    /** A model that is late still reaches first crack if it is let run on, s. */
    private static final double LONGER_S = 180;

    private Foretold() {}

    /**
     * What the model says of a logged roast, the controls moved as they were and its events called at the temperatures at
     * which they were called; the total is when the bean probe comes to where it was dropped.
     */
    public static Map<KeyFigure, Double> of(MachineConstants machine, FitRoast roast) {
        RoastFigures actual = roast.figures();
        double totalS = actual.totalS().orElseThrow();
        ControlLevels otherwise = new ControlLevels(0, 100, machine.usualRpm());
        SimulatedCurve curve = new DrumSimulation(machine)
                .run(roast.batch(), Controls.logged(roast.log(), otherwise), totalS + LONGER_S, (t, c) -> false);
        EventTemperatures own = new EventTemperatures(
                actual.dryEnd().map(Milestone::beanC).orElse(Double.POSITIVE_INFINITY),
                0,
                actual.firstCrack().map(Milestone::beanC).orElse(Double.POSITIVE_INFINITY),
                0,
                true);
        Series bean = curve.log().beanC();
        double dropS = actual.firstCrack()
                .map(c -> bean.risesTo(c.beanC(), LATEST_TURN_S).orElse(c.timeS()) + totalS - c.timeS())
                .orElse(totalS);
        Map<KeyFigure, Double> foretold = known(SimulatedRoastFigures.of(curve, own, dropS, MachineReference.NONE)
                .figures());
        foretold.remove(KeyFigure.TOTAL_S);
        actual.drop()
                .ifPresent(
                        d -> bean.risesTo(d.beanC(), LATEST_TURN_S).ifPresent(t -> foretold.put(KeyFigure.TOTAL_S, t)));
        return foretold;
    }

    /** Every figure of a roast that is known, each in its unit. */
    public static Map<KeyFigure, Double> known(RoastFigures figures) {
        Map<KeyFigure, Double> known = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            figure.of(figures).ifPresent(v -> known.put(figure, v));
        }
        return known;
    }
}
