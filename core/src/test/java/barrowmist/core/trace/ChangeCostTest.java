package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastEvents;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a change costs the other aims. */
class ChangeCostTest {

    private static final Mending CRASH = new Mending.Gone(Fault.Kind.CRASH, 1);

    private static RoastAnalysis droppedAt(double laterS) {
        Known k = new Known();
        double dropS = k.events.timeS(EventKind.DROP).orElseThrow();
        RoastEvents later = k.events.with(EventKind.DROP, dropS + laterS);
        k.events = later;
        return k.analysis();
    }

    private static double cost(Map<KeyFigure, Aim> aims, double laterS, Mending mending) {
        RoastAnalysis was = droppedAt(0);
        Targets targets = new Targets(aims, DevelopmentFrom.FIRST_CRACK);
        return new ChangeCost(was.figures(), MachineReference.NONE, targets, TraceRules.DEFAULTS)
                .of(was, droppedAt(laterS), mending);
    }

    private static double totalS() {
        return droppedAt(0).figures().totalS().orElseThrow();
    }

    @Test
    void whatIsAimedAtNothingCostsHowFarItMoves() {
        assertThat(cost(Map.of(), 0, CRASH)).isEqualTo(0);
        assertThat(cost(Map.of(), -20, CRASH)).isGreaterThan(1);
    }

    @Test
    void aChangeTowardsThePlansAimIsWorthSomethingAndOneAwayFromItCosts() {
        double to = cost(Map.of(KeyFigure.TOTAL_S, new Aim(totalS() - 20, 10)), -20, CRASH);
        double away = cost(Map.of(KeyFigure.TOTAL_S, new Aim(totalS() + 20, 10)), -20, CRASH);
        // two tolerances nearer, or two farther: all else is the same
        assertThat(away - to).isCloseTo(4, within(1e-6));
    }

    @Test
    void whatTheChangeIsForCostsNothing() {
        Mending forDrop = new Mending.Moved(KeyFigure.DEVELOPMENT_PCT, a -> 0, 1, 0, 0);
        assertThat(cost(Map.of(), -20, forDrop)).isLessThan(cost(Map.of(), -20, CRASH));
    }
}
