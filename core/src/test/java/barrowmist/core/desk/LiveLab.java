package barrowmist.core.desk;

import barrowmist.core.device.SimulatedDrum;
import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.machine.thermal.OffConstants;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Function;

/**
 * Fifty invented roasts on the simulated drum, each met live by a model that was fitted to other roasts and then put
 * off by up to 5 % in each of its constants. Some crash: the gas is cut at the wrong moment.
 */
final class LiveLab {

    private static final double OFF = 0.05;
    static final int ROASTS = 50;
    private static final double CRACK_C = 194.5;
    private static final EventTemperatures EVENTS = new EventTemperatures(158, 1, CRACK_C, 1, true);

    private LiveLab() {}

    /** A roast with what its faults are judged to be afterwards. */
    record Case(int seed, SimulatedRoast roast, LiveSetup setup, Optional<Fault> crash) {
        double timeS(EventKind kind) {
            return roast.events().timeS(kind).orElseThrow();
        }
    }

    static FittedModel fitted() {
        return ModelFitter.fit(SimulatedLab.roasts(20), 150, (share, doing) -> {});
    }

    static List<Case> cases(FittedModel model) {
        List<Case> cases = new ArrayList<>();
        for (int seed = 0; seed < ROASTS; seed++) {
            cases.add(one(model, seed));
        }
        return cases;
    }

    static Case one(FittedModel model, int seed) {
        Random random = new Random(seed * 6151L + 17);
        random.nextDouble();
        double shift = 10 * random.nextGaussian();
        double level = 2 * random.nextGaussian();
        double[][] gas = {
            {0, 80 + level},
            {60 + shift, 75 + level},
            {130 + shift, 70 + level},
            {390 + shift, 67 + level},
            {440 + shift, 63 + level},
            {480 + shift, 59 + level},
            {515 + shift, 55 + level},
            {545 + shift, 51 + level}
        };
        double[][] air = {{0, 40}, {230 + shift, 45}, {430 + shift, 48}};
        boolean crashes = seed % 5 < 2;
        double greenG = 110 + 5 * random.nextInt(5);
        double moisture = 10 + 2 * random.nextDouble();
        double crackC = CRACK_C - 0.5 + 0.6 * random.nextGaussian();
        double lossDrift = 1 + 0.03 * random.nextGaussian();
        double chargeC = 186 + 10 * random.nextDouble();
        double dryC = 158 + 0.4 * random.nextGaussian();
        Function<double[][], SimulatedRoast> roasted = hand -> {
            SimulatedDrum drum = new SimulatedDrum(SimulatedDrum.Build.sampleRoaster(), 22);
            drum.setLossDrift(lossDrift);
            return SimulatedRoast.of(
                    drum,
                    new SimulatedDrum.Batch(greenG, moisture, 6.5, 1, crackC),
                    new SimulatedRoast.Orders(
                            chargeC,
                            SimulatedLab.controls(hand, air),
                            dryC,
                            crackC + 0.5,
                            (t, c, sinceCrack) -> sinceCrack >= 100,
                            0.15,
                            seed));
        };
        SimulatedRoast sound = roasted.apply(gas);
        double cutS = sound.events().timeS(EventKind.FIRST_CRACK).orElseThrow() + 15 * random.nextDouble();
        double cutBy = 22 + 12 * random.nextDouble();
        SimulatedRoast roast = crashes ? roasted.apply(cut(gas, cutS, cutBy)) : sound;
        MachineConstants off = OffConstants.of(model.machine(), OFF, random);
        FittedModel wrong = new FittedModel(
                off, model.beanErrorC(), model.environmentErrorC(), model.roasts(), model.range(), model.error());
        LiveSetup setup = new LiveSetup(
                new BatchConditions(greenG, Math.rint(10 * moisture) / 10, 6.5, 190, OptionalDouble.empty(), 22),
                Optional.of(wrong),
                EVENTS,
                MachineReference.NONE,
                Optional.of(plan(gas, air)),
                new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                new ControlLevels(70, 40, 60));
        Optional<Fault> crash = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(roast.log(), roast.events(), Band.NONE).faults().stream()
                        .filter(f -> f.kind() == Fault.Kind.CRASH)
                        .findFirst();
        return new Case(seed, roast, setup, crash);
    }

    private static double[][] cut(double[][] gas, double atS, double by) {
        List<double[]> out = new ArrayList<>();
        double last = 0;
        for (double[] step : gas) {
            if (step[0] < atS) {
                out.add(step);
                last = step[1];
            }
        }
        out.add(new double[] {atS, last - by});
        return out.toArray(double[][]::new);
    }

    private static ControlPlan plan(double[][] gas, double[][] air) {
        List<ControlStep> steps = new ArrayList<>();
        for (int i = 1; i < gas.length; i++) {
            steps.add(new ControlStep(new Trigger.AtTime(gas[i][0]), Control.GAS, gas[i][1]));
        }
        for (int i = 1; i < air.length; i++) {
            steps.add(new ControlStep(new Trigger.AtTime(air[i][0]), Control.AIR, air[i][1]));
        }
        return new ControlPlan(
                new ControlLevels(gas[0][1], air[0][1], 60), steps, new DropRule(DropRule.By.DEVELOPMENT_S, 100));
    }

    /** What is looked at after each reading. */
    interface Watcher {
        void look(double timeS, LiveRoast live);
    }

    /** Plays a roast as it would come: uneven, some readings lost, events called when they came. */
    static void play(Case one, Watcher watcher) {
        Random random = new Random(one.seed + 99);
        LiveRoast live = new LiveRoast(one.setup);
        var log = one.roast.log();
        RoastEvents called = RoastEvents.of();
        for (int s = 0; s < log.beanC().size(); s++) {
            for (var event : one.roast.events().list()) {
                if ((int) event.timeS() == s) {
                    called = called.with(event.kind(), s);
                    live.setEvents(called);
                }
            }
            if (random.nextDouble() < 0.03 && s > 0) {
                continue;
            }
            live.take(new Reading(
                    s,
                    OptionalDouble.of(log.beanC().value(s)),
                    OptionalDouble.of(log.environmentC().value(s)),
                    OptionalDouble.of(log.gasPct().value(s)),
                    OptionalDouble.of(log.airflowPct().value(s)),
                    OptionalDouble.of(60)));
            watcher.look(s, live);
        }
    }
}
