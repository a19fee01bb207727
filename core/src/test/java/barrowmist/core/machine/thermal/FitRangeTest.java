package barrowmist.core.machine.thermal;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A model says where it was fitted, and its trials stay where a drum can be. */
class FitRangeTest {

    private static final MachineConstants MACHINE = MachineConstants.guess(150);

    private static SimulatedCurve curve(double gas, double air) {
        return new DrumSimulation(MACHINE)
                .run(batch(120, 190), (t, c) -> new ControlLevels(gas, air, 60), 30, (t, c) -> false);
    }

    private static BatchConditions batch(double greenG, double chargeC) {
        return new BatchConditions(greenG, 11, 6.5, chargeC, OptionalDouble.empty(), 22);
    }

    private static final FitRange RANGE = FitRange.of(SimulatedLab.roasts(6));

    @Test
    void insideNothingIsSaid() {
        assertThat(RANGE.outside(batch(120, 190), curve(70, 45), Wording.SI)).isEmpty();
    }

    @Test
    void eachThingOutsideIsNamedWithItsRange() {
        List<String> said = RANGE.outside(batch(60, 240), curve(5, 95), new Wording(true, false));
        assertThat(said).hasSize(4);
        assertThat(said.get(0)).startsWith("A charge of 464 °F lies outside the ");
        assertThat(said.get(1)).startsWith("A batch of 60 g lies outside the 115 to 125 g");
        assertThat(said.get(2)).startsWith("Gas at 5 % lies outside");
        assertThat(said.get(3)).startsWith("Airflow at 95 % lies outside the 40 to 54 %");
    }

    /** The same roasts without the column of the air, but for so many. */
    private static List<FitRoast> without(int logged) {
        List<FitRoast> all = SimulatedLab.roasts(6);
        return IntStream.range(0, all.size())
                .mapToObj(i -> {
                    FitRoast r = all.get(i);
                    RoastLog log = r.log();
                    RoastLog bare =
                            new RoastLog(log.beanC(), log.environmentC(), log.gasPct(), Series.empty(), log.drumRpm());
                    return i < logged ? r : new FitRoast(r.batch(), bare, r.figures());
                })
                .toList();
    }

    @Test
    void airThatNobodyLoggedIsSaidToBeUnknownAndNoRange() {
        FitRange none = FitRange.of(without(0));
        assertThat(none.airLogged()).isFalse();
        assertThat(none.outside(batch(120, 190), curve(70, 45), Wording.SI))
                .containsExactly("No roast that it was fitted to has a column of its airflow: what the air does on this"
                        + " roaster is not known.");
        FitRange some = FitRange.of(without(2));
        assertThat(some.airflowPct().min())
                .as("a roast without the column is no roast at 0 %")
                .isGreaterThan(30);
        assertThat(some.outside(batch(120, 190), curve(70, 45), Wording.SI)).isEmpty();
    }

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void wildTrialsAreBroughtBackToADrumThatCanBeRun(long seed) {
        Random random = new Random(seed);
        double[] wild = MACHINE.toArray();
        for (int i = 0; i < wild.length; i++) {
            wild[i] += 12 * random.nextGaussian();
        }
        MachineConstants bounded = MACHINE.withFitted(new Hold(MACHINE, false).bounded(wild));
        assertThat(bounded.flameToDrum()).isBetween(0.0, 0.9701);
        assertThat(bounded.probeAirShare()).isBetween(0.0, 0.9701);
        assertThat(bounded.probeS()).isGreaterThanOrEqualTo(2.999);
        SimulatedCurve run = new DrumSimulation(bounded, CurveResiduals.STEP_S)
                .run(batch(120, 190), (t, c) -> new ControlLevels(70, 45, 60), 600, (t, c) -> false);
        assertThat(java.util.Arrays.stream(run.log().beanC().values()).allMatch(Double::isFinite))
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anyRoastClosesItsHeatBalanceAndNoBeanEndsHotterThanTheAirEverWas(long seed) {
        Random random = new Random(seed);
        double gas = 30 + 60 * random.nextDouble();
        double air = 20 + 70 * random.nextDouble();
        BatchConditions batch = new BatchConditions(
                80 + 60 * random.nextDouble(),
                9 + 4 * random.nextDouble(),
                5.5 + 2 * random.nextDouble(),
                175 + 30 * random.nextDouble(),
                OptionalDouble.empty(),
                15 + 15 * random.nextDouble(),
                random.nextBoolean());
        SimulatedCurve run =
                new DrumSimulation(MACHINE).run(batch, (t, c) -> new ControlLevels(gas, air, 60), 600, (t, c) -> false);
        assertThat(Math.abs(run.energy().openShare())).isLessThan(0.005);
        assertThat(run.moisture()).isBetween(0.0, BeanPhysics.dryBasis(batch.moisturePct()));
    }

    @Test
    void constantsSurviveTheirOwnArray() {
        MachineConstants back = MACHINE.withFitted(MACHINE.toArray());
        assertThat(back.toArray()).containsExactly(MACHINE.toArray(), org.assertj.core.data.Offset.offset(1e-12));
        assertThat(MachineConstants.FITTED).hasSize(MACHINE.toArray().length);
    }
}
