package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.device.Drum;
import barrowmist.core.device.SimulatedDrum;
import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.plan.PlannedLab;
import barrowmist.core.plan.Predictor;
import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.trace.ChangeSizing.Sized;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Wording;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How large a change is, told by a model that was fitted to other roasts of a drum it is not built like. */
class ChangeSizingTest {

    static final ControlLevels USUAL = new ControlLevels(60, 40, 60);
    static final double GREEN_G = 120;
    private static final double DRY_S = 260;
    private static final double[][] GAS = {{0, 80}, {70, 75}, {140, 70}, {DRY_S, 66}, {450, 62}, {520, 55}};

    static RoastAnalysis roasted(double[][] gas) {
        return roasted(SimulatedLab.controls(gas, new double[][] {{0, 40}, {230, 47}, {420, 54}}), 191, 100);
    }

    /** The drum itself, which the model is not. */
    private static RoastAnalysis roasted(Controls controls, double chargeC, double developS) {
        SimulatedRoast roast = SimulatedRoast.of(
                new SimulatedDrum(SimulatedDrum.Build.sampleRoaster(), 22),
                new Drum.Batch(GREEN_G, 11, 6.5, 1, 194),
                new SimulatedRoast.Orders(
                        chargeC, controls, 158, 194.5, (t, c, sinceCrack) -> sinceCrack >= developS, 0.15, 5));
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(roast.log(), roast.events(), Band.NONE);
    }

    private static RoastAnalysis again(NextPlan plan) {
        return roasted(RoastedPlans.held(plan.controls()), plan.chargeC(), 100);
    }

    static final Function<NextPlan, RoastAnalysis> MODEL =
            plan -> new Predictor(PlannedLab.MODEL, MachineReference.NONE, PlannedLab.EVENTS)
                    .predict(
                            new BatchConditions(plan.greenG(), 11, 6.5, plan.chargeC(), OptionalDouble.empty(), 22),
                            plan.controls(),
                            DevelopmentFrom.FIRST_CRACK)
                    .analysis();

    private static double browningS(RoastAnalysis a) {
        return a.figures().phases().browning().orElseThrow().durationS();
    }

    private static ChangeSizing sizing(RoastAnalysis truly) {
        return sizing(truly, MachineReference.NONE);
    }

    private static ChangeSizing sizing(RoastAnalysis truly, MachineReference usual) {
        return new ChangeSizing(
                truly, USUAL, GREEN_G, TraceRules.DEFAULTS, usual, new Targets(Map.of(), DevelopmentFrom.FIRST_CRACK));
    }

    /** Too much gas from dry end on makes browning short; how much too much is known here. */
    @ParameterizedTest
    @ValueSource(doubles = {5, 8, 12})
    void theStepOfGasIsAsLargeAsWhatWasWrong(double tooMuch) {
        double[][] gas = GAS.clone();
        for (int i = 3; i < gas.length; i++) {
            gas[i] = new double[] {gas[i][0], gas[i][1] + tooMuch};
        }
        RoastAnalysis truly = roasted(gas);
        double wanted = browningS(roasted(GAS));
        double was = browningS(truly);
        assertThat(was).isLessThan(wanted - 5);
        Correction c = new Correction("browning", was, wanted, "s", "Ease the heat.", "", "short-browning");
        Sized sized = sizing(truly).onDrum(c, Wording.SI, ForetoldDrum.asItStands(MODEL));
        double afterS = NextPlan.dryEndS(truly) + 5;
        double eased = NextPlan.again(truly, USUAL, GREEN_G).orElseThrow().gasPct(afterS)
                - sized.plan().orElseThrow().gasPct(afterS);
        assertThat(eased).isCloseTo(tooMuch, within(0.25 * tooMuch + 0.5));
        assertThat(sized.said()).contains("by this drum's own model");
        double came = browningS(again(sized.plan().orElseThrow()));
        assertThat(came).isCloseTo(wanted, within(0.25 * (wanted - was) + 3));
    }

    @Test
    void aCutIsMadeAsMuchSmallerAsTakesTheCrashAwayAndItIsGoneOnTheDrum() {
        int gone = 0;
        int n = 0;
        for (double to : new double[] {24, 28, 32, 36, 40, 44}) {
            RoastAnalysis truly = roasted(new double[][] {{0, 80}, {70, 75}, {140, 70}, {260, 66}, {478, to}});
            if (truly.faults(Fault.Kind.CRASH).isEmpty()
                    || truly.figures().drop().isEmpty()) {
                continue;
            }
            Correction house = GasCorrections.forCrash(
                    truly, truly.faults(Fault.Kind.CRASH).get(0), ControlWords.PLAIN, TraceRules.DEFAULTS);
            Sized sized = sizing(truly).onDrum(house, Wording.SI, ForetoldDrum.asItStands(MODEL));
            RoastAnalysis next = again(sized.plan().orElseThrow());
            n++;
            gone += next.faults(Fault.Kind.CRASH).isEmpty() ? 1 : 0;
            assertThat(sized.correction().text())
                    .contains(Math.round(sized.correction().to()) + " %");
        }
        assertThat(n).isGreaterThanOrEqualTo(3);
        assertThat(gone).isEqualTo(n);
    }

    static RoastAnalysis cutTo(double pct) {
        return roasted(new double[][] {{0, 80}, {70, 75}, {140, 70}, {260, 66}, {478, pct}});
    }

    private static Correction crash(RoastAnalysis truly) {
        return GasCorrections.forCrash(
                truly, truly.faults(Fault.Kind.CRASH).get(0), ControlWords.PLAIN, TraceRules.DEFAULTS);
    }

    @Test
    void whatTheModelDoesNotShowIsAHouseStepAndSaidToBeOne() {
        RoastAnalysis truly = cutTo(32);
        assertThat(truly.figures().drop()).isPresent();
        RoastAnalysis calm = roasted(GAS);
        Sized sized = sizing(truly).onDrum(crash(truly), Wording.SI, ForetoldDrum.asItStands(plan -> calm));
        assertThat(sized.correction()).isEqualTo(crash(truly));
        assertThat(sized.said()).startsWith("A house step");
    }

    @Test
    void aModelThatNeverCracksTakesNoCrashAway() {
        RoastAnalysis truly = cutTo(32);
        assertThat(truly.figures().drop()).isPresent();
        RoastAnalysis cold = roasted(new double[][] {{0, 20}});
        assertThat(cold.figures().firstCrack()).isEmpty();
        double smallerPct = 26;
        Sized sized = sizing(truly)
                .onDrum(
                        crash(truly),
                        Wording.SI,
                        ForetoldDrum.asItStands(plan -> plan.gasPct(500) < smallerPct ? MODEL.apply(plan) : cold));
        assertThat(sized.said()).startsWith("A house step");
    }

    @Test
    void whereTheModelSaysNothingACutGoesBackToTheGasThatIsUsualThere() {
        RoastAnalysis truly = cutTo(32);
        assertThat(truly.figures().drop()).isPresent();
        RoastAnalysis calm = roasted(GAS);
        MachineReference usual = MachineReference.learn(DoubleStream.of(52, 54, 55, 56, 58, 55)
                .mapToObj(pct -> cutTo(pct).figures())
                .toList());
        Sized sized = sizing(truly, usual).onDrum(crash(truly), Wording.SI, ForetoldDrum.asItStands(plan -> calm));
        assertThat(sized.said()).contains("what is usual on this drum");
        assertThat(sized.correction().to()).as("usual, and a spread above it").isBetween(55.0, 65.0);
        assertThat(sized.correction().atS())
                .as("where it was cut")
                .isEqualTo(sized.correction().wasS());
        assertThat(again(sized.plan().orElseThrow()).faults(Fault.Kind.CRASH)).isEmpty();
    }

    @Test
    void aRiseOfGasThatMadeARateTooHighIsMadeSmaller() {
        double[][] gas = {GAS[0], GAS[1], GAS[2], GAS[3], {400, 84}, {450, 80}, {520, 73}};
        RoastAnalysis truly = roasted(gas);
        double was = truly.figures().rorAtFirstCrackCPerMin().orElseThrow();
        double without = roasted(GAS).figures().rorAtFirstCrackCPerMin().orElseThrow();
        assertThat(was).isGreaterThan(without + 2);
        double wanted = without + 0.25 * (was - without);
        Correction c = new Correction("ror-at-first-crack", was, wanted, "°C/min", "", "", "ran-ahead");
        Sized sized = sizing(truly).onDrum(c, Wording.SI, ForetoldDrum.asItStands(MODEL));
        double came = again(sized.plan().orElseThrow())
                .figures()
                .rorAtFirstCrackCPerMin()
                .orElseThrow();
        assertThat(came).isCloseTo(wanted, within(0.4 * (was - wanted)));
        assertThat(String.join(" ", sized.weighed()) + sized.correction().text())
                .as("it is among what was weighed, or chosen")
                .containsAnyOf("A smaller rise of gas before first crack would do it too", "at 6:40, not 84 %");
    }

    @Test
    void whatGoesBackToTheUsualNeedsNoModel() {
        RoastAnalysis truly = roasted(GAS);
        Correction c = new Correction("charge", 199, 191, "°C", "Charge at 191.", "", "hot-charge");
        Sized sized = sizing(truly).onDrum(c, Wording.SI, ForetoldDrum.asItStands(plan -> {
            throw new AssertionError("asked");
        }));
        assertThat(sized.said()).isEmpty();
        assertThat(sized.plan().orElseThrow().chargeC()).isEqualTo(191);
    }
}
