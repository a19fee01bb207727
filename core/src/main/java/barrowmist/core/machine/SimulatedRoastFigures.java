package barrowmist.core.machine;

import barrowmist.core.machine.thermal.SimulatedCurve;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;

/** A simulated curve worked out by the very rules that a logged one is. */
public final class SimulatedRoastFigures {

    private static final RoastAnalyzer ANALYZER = new RoastAnalyzer(FaultSettings.DEFAULTS);

    private SimulatedRoastFigures() {}

    /** Works a simulated curve out as a logged one. */
    public static RoastAnalysis of(
            SimulatedCurve curve, EventTemperatures events, double dropS, MachineReference reference) {
        Series bean = curve.log().beanC();
        double lowestS = lowestS(bean);
        List<RoastEvent> called = new ArrayList<>(List.of(RoastEvent.at(EventKind.CHARGE, 0)));
        bean.risesTo(events.dryEndC(), lowestS).ifPresent(t -> called.add(RoastEvent.at(EventKind.DRY_END, t)));
        bean.risesTo(events.firstCrackC(), lowestS).ifPresent(t -> called.add(RoastEvent.at(EventKind.FIRST_CRACK, t)));
        if (Double.isFinite(dropS)) {
            called.add(RoastEvent.at(EventKind.DROP, dropS));
        }
        return ANALYZER.analyze(curve.log(), new RoastEvents(called), reference.peakCPerMin());
    }

    private static double lowestS(Series bean) {
        int lowest = 0;
        for (int i = 1; i < bean.size() && bean.timeS(i) <= LATEST_TURN_S; i++) {
            lowest = bean.value(i) < bean.value(lowest) ? i : lowest;
        }
        return bean.timeS(lowest);
    }

    private static final double LATEST_TURN_S = 300;
}
