package barrowmist.core.trace;

import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;

/** Plans roasted on a stand-in drum: the same batch on the same day. */
final class RoastedPlans {

    static final ControlLevels USUAL = new ControlLevels(60, 40, 60);
    static final double NOISE_C = 0.15;

    /** The probe still falls so long after the charge, s. */
    static final double FALLING_S = 90;

    private RoastedPlans() {}

    static SimulatedRoast roasted(Trial day, NextPlan plan, double noiseC) {
        DropRule drop = plan.controls().drop();
        return day.again()
                .roast(
                        plan.chargeC(),
                        held(plan.controls()),
                        drop.by() == DropRule.By.BEAN_C
                                ? (t, c, since) -> t > FALLING_S && c >= drop.value()
                                : (t, c, since) -> since >= drop.value(),
                        noiseC);
    }

    /** A plan all of whose moves are at a time. */
    static Controls held(ControlPlan plan) {
        return (t, c) -> {
            ControlLevels now = plan.atCharge();
            for (ControlStep s : plan.steps()) {
                if (((Trigger.AtTime) s.when()).timeS() <= t) {
                    now = switch (s.control()) {
                        case GAS -> new ControlLevels(s.value(), now.airflowPct(), now.drumRpm());
                        case AIR -> new ControlLevels(now.gasPct(), s.value(), now.drumRpm());
                        case DRUM -> new ControlLevels(now.gasPct(), now.airflowPct(), s.value());
                    };
                }
            }
            return now;
        };
    }

    static RoastAnalysis analysis(SimulatedRoast roast) {
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(roast.log(), roast.events(), Band.NONE);
    }
}
