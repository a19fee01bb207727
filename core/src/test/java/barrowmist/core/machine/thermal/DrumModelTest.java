package barrowmist.core.machine.thermal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The heat balance against Schwartzberg, H. G. (2002), Modeling bean heating during batch roasting of coffee beans, in:
 * Engineering and Food for the 21st Century, CRC Press. Its relations are values from memory; the figures expected here
 * were worked out by hand from them.
 */
class DrumModelTest {

    private static final MachineConstants MACHINE =
            new MachineConstants(930, 0.34, 15, 0.0021, 6.4, 3.6, 1.3, 1100, 0.5, 17, 0.12, 11, 1.06, 1.1, -7, 21, 60);

    private static final double[][] GAS = {{0, 80}, {140, 65}, {210, 70}, {470, 60}, {530, 50}};
    private static final double[][] AIR = {{0, 40}, {230, 47}, {420, 54}};

    private static BatchConditions batch(double chargeC) {
        return new BatchConditions(120, 11, 6.5, chargeC, OptionalDouble.empty(), 22);
    }

    private static SimulatedCurve run(double stepS, double toS) {
        return new DrumSimulation(MACHINE, stepS)
                .run(batch(190), SimulatedLab.controls(GAS, AIR), toS, (t, c) -> false);
    }

    @ParameterizedTest(name = "{0} °C and {1} kg/kg: {2} J/(kg K) of moist bean")
    @CsvSource({"20, 0.12, 1642", "100, 0.10, 2090", "200, 0.02, 2548"})
    void heatCapacityIsAsPublished(double beanC, double moisture, double expected) {
        // c = (1.099 + 0.0070 T + 5 X) / (1 + X) kJ/(kg K)
        double moist = BeanPhysics.heatCapacityPerDryKg(beanC, moisture) / (1 + moisture);
        assertThat(moist).isCloseTo(expected, within(1.0));
    }

    @ParameterizedTest(name = "{0} °C, {1} kg/kg, {2} mm: {3} 1/s")
    @CsvSource({"100, 0.12, 6, -5.3467e-6", "150, 0.10, 6, -8.4970e-5", "200, 0.05, 6, -2.5065e-4"})
    void dryingIsAsPublished(double beanC, double moisture, double diameterMm, double expected) {
        // dX/dt = -4.32e9 X² / d² exp(-9889 / T)
        assertThat(BeanPhysics.dryingPerS(beanC, moisture, diameterMm)).isCloseTo(expected, within(-expected * 0.01));
    }

    @Test
    void reactionHeatIsAsPublishedAndRunsOut() {
        // 116 200 kJ/kg · exp(-5500 / 473.15) = 1.0395 kJ/(kg s) at 200 °C before any was given
        assertThat(BeanPhysics.reactionWPerKg(200, 0)).isCloseTo(1039.5, within(5.0));
        assertThat(BeanPhysics.reactionWPerKg(200, 116_000)).isCloseTo(519.8, within(3.0));
        assertThat(BeanPhysics.reactionWPerKg(200, 232_000)).isZero();
    }

    @Test
    void heatThatComesInIsFoundAgain() {
        EnergyBalance balance = run(DrumSimulation.STEP_S, 620).energy();
        assertThat(Math.abs(balance.openShare())).isLessThan(0.005);
        assertThat(balance.burnerJ())
                .isCloseTo(
                        // and what still flowed at charge, a tenth more than the gas gives, until the lag of 15 s is
                        // over
                        930 * (0.8 * 140 + 0.65 * 70 + 0.7 * 260 + 0.6 * 60 + 0.5 * 90 + 0.1 * 0.8 * 15),
                        within(930 * 0.3 * 16));
        assertThat(balance.vapourJ()).isPositive();
        assertThat(balance.exhaustJ()).isPositive();
    }

    @Test
    void halvingTheStepDoesNotMoveTheCurve() {
        Series coarse = run(DrumSimulation.STEP_S, 620).log().beanC();
        Series fine = run(DrumSimulation.STEP_S / 2, 620).log().beanC();
        for (int i = 0; i < coarse.size(); i++) {
            assertThat(fine.value(2 * i)).isCloseTo(coarse.value(i), within(0.1));
        }
    }

    @Test
    void beansDryAndTheProbeFallsThenRises() {
        SimulatedCurve curve = run(1, 620);
        assertThat(curve.moisture()).isBetween(0.005, 0.06);
        Series bean = curve.log().beanC();
        double lowest = java.util.Arrays.stream(bean.values()).min().orElseThrow();
        assertThat(lowest).isLessThan(110);
        assertThat(bean.value(bean.size() - 1)).isBetween(190.0, 235.0);
    }

    @Test
    void moreGasIsHotterAndABiggerBatchSlower() {
        Series usual = run(1, 400).log().beanC();
        DrumSimulation drum = new DrumSimulation(MACHINE, 1);
        Controls more = (t, c) -> new ControlLevels(90, 45, 60);
        Controls less = (t, c) -> new ControlLevels(60, 45, 60);
        double hot = last(drum.run(batch(190), more, 400, (t, c) -> false));
        double cool = last(drum.run(batch(190), less, 400, (t, c) -> false));
        double big = last(drum.run(batch(190).withGreenG(150), more, 400, (t, c) -> false));
        assertThat(hot).isGreaterThan(cool + 10);
        assertThat(big).isLessThan(hot - 3);
        assertThat(usual.size()).isEqualTo(401);
    }

    private static double last(SimulatedCurve curve) {
        Series bean = curve.log().beanC();
        return bean.value(bean.size() - 1);
    }

    @Test
    void constantsAreRecoveredFromEightNoisyLogs() {
        List<FitRoast> logs = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            logs.add(syntheticLog(i));
        }
        MachineConstants found = ModelFit.fit(
                        logs, new Hold(MachineConstants.guess(150).withLogged(14, 21, 60), false), n -> {})
                .machine();
        double[] a = found.toArray();
        double[] b = MACHINE.toArray();
        for (int i = 0; i < a.length - 1; i++) {
            assertThat(Math.exp(a[i] - b[i])).as(MachineConstants.FITTED.get(i)).isCloseTo(1, within(0.05));
        }
        assertThat(found.drumOffsetC()).isCloseTo(MACHINE.drumOffsetC(), within(1.0));
    }

    private static FitRoast syntheticLog(int i) {
        Random random = new Random(i);
        double[][] gas = {
            {0, 55 + 30 * random.nextDouble()},
            {70, 40 + 50 * random.nextDouble()},
            {210, 50 + 40 * random.nextDouble()},
            {450, 60},
            {520, 30}
        };
        double[][] air = {{0, 20 + 40 * random.nextDouble()}, {230, 20 + 70 * random.nextDouble()}};
        BatchConditions batch = new BatchConditions(
                80 + 10 * i, 9 + 0.5 * i, 6.5, 170 + 5 * i, OptionalDouble.of(190 + 5 * i), 22, i % 3 == 0);
        RoastLog log = new DrumSimulation(MACHINE)
                .run(batch, SimulatedLab.controls(gas, air), 600, (t, c) -> false)
                .log();
        RoastLog noisy = new RoastLog(
                noisy(log.beanC(), random),
                noisy(log.environmentC(), random),
                log.gasPct(),
                log.airflowPct(),
                log.drumRpm());
        RoastFigures figures = new RoastFigures(
                OptionalDouble.of(batch.chargeC()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Milestone(600, 200)),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
        return new FitRoast(batch, noisy, figures);
    }

    private static Series noisy(Series series, Random random) {
        double[] values = series.values();
        for (int i = 0; i < values.length; i++) {
            values[i] += 0.15 * random.nextGaussian();
        }
        return new Series(series.timesS(), values);
    }

    @Test
    void aBatchOfNothingIsRefused() {
        assertThatThrownBy(() -> new BatchConditions(0, 11, 6.5, 190, OptionalDouble.empty(), 22))
                .hasMessageContaining("Batch is 0.0 g");
        assertThatThrownBy(() -> new BatchConditions(120, Double.NaN, 6.5, 190, OptionalDouble.empty(), 22))
                .hasMessageContaining("moisture is 0 to 60 %");
    }
}
