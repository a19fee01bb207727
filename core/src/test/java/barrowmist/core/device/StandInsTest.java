package barrowmist.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.green.Process;
import barrowmist.core.plan.SimulatedLab;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.EventKind;
import org.junit.jupiter.api.Test;

class StandInsTest {

    private static SimulatedRoast roast(double lossDrift, double crackC) {
        SimulatedDrum drum = new SimulatedDrum(SimulatedDrum.Build.sampleRoaster(), 22);
        drum.setLossDrift(lossDrift);
        double[][] gas = {{0, 80}, {70, 75}, {140, 70}, {470, 60}};
        return SimulatedRoast.of(
                drum,
                new Drum.Batch(120, 11, 6.5, 1, 194),
                new SimulatedRoast.Orders(
                        190,
                        SimulatedLab.controls(gas, new double[][] {{0, 40}, {230, 47}}),
                        158,
                        crackC,
                        (t, c, sinceCrack) -> sinceCrack >= 100,
                        0,
                        1));
    }

    @Test
    void theSimulatedDrumRoastsLikeADrum() {
        SimulatedRoast roast = roast(1, 194.5);
        assertThat(roast.log().beanC().value(0)).isEqualTo(190);
        assertThat(roast.events().timeS(EventKind.DRY_END).orElseThrow()).isBetween(240.0, 330.0);
        assertThat(roast.events().timeS(EventKind.FIRST_CRACK).orElseThrow()).isBetween(400.0, 560.0);
        assertThat(roast.events().timeS(EventKind.DROP).orElseThrow()
                        - roast.events().timeS(EventKind.FIRST_CRACK).orElseThrow())
                .isEqualTo(100);
    }

    @Test
    void aDrumThatLosesMoreIsLater() {
        double usual = roast(1, 194.5).events().timeS(EventKind.FIRST_CRACK).orElseThrow();
        double leaky = roast(1.3, 194.5).events().timeS(EventKind.FIRST_CRACK).orElseThrow();
        assertThat(leaky).isGreaterThan(usual + 5);
    }

    @Test
    void anInstrumentAtRestGivesItsMedianAndAMovingOneItsSpread() {
        assertThat(StableReading.of(new double[] {120.0, 120.1, 119.9}, 0.3))
                .isEqualTo(new StableReading.Stable(120.0));
        assertThat(StableReading.of(new double[] {118, 120, 123}, 0.3))
                .isInstanceOfSatisfying(
                        StableReading.Unstable.class,
                        u -> assertThat(u.spread()).isCloseTo(5, within(1e-9)));
        assertThat(StableReading.of(new double[] {120, Double.NaN}, 0.3)).isInstanceOf(StableReading.Unstable.class);
    }

    @Test
    void restOpensAndClosesByTheSchool() {
        // 8 to 24 hours: SCA cupping protocol, value from memory
        assertThat(RestSchool.PROTOCOL.opensH(Process.HONEY)).isEqualTo(8);
        assertThat(RestSchool.PROTOCOL.closesH(Process.WASHED)).isEqualTo(24);
        // naturals a day or so later: common practice, no published source
        assertThat(RestSchool.DRINKING.opensH(Process.NATURAL) - RestSchool.DRINKING.opensH(Process.WASHED))
                .isEqualTo(24);
    }
}
