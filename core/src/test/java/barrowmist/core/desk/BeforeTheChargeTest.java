package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.desk.ChargeGate.Call;
import barrowmist.core.desk.ProtocolRun.Seen;
import barrowmist.core.machine.Protocol;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BeforeTheChargeTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static ChargeGate gate(double bean, double environment, double cPerS) {
        return ChargeGate.judge(
                OptionalDouble.of(bean), OptionalDouble.of(environment), 190, OptionalDouble.of(215), cPerS);
    }

    @ParameterizedTest
    @CsvSource({
        "190, 215, CHARGE_NOW",
        "188, 207, CHARGE_NOW",
        "187.9, 215, WAIT",
        "192.1, 215, TOO_HOT",
        "190, 224, TOO_HOT",
        "190, 200, WAIT"
    })
    void theGateSaysWhatToDo(double bean, double environment, Call call) {
        assertThat(gate(bean, environment, 0).call()).isEqualTo(call);
    }

    @Test
    void itSaysHowLongItTakesOnlyWhenTheProbeMovesTowardsTheBand() {
        assertThat(gate(180, 215, 0.2).inS().orElseThrow()).isCloseTo(40, within(1e-9));
        assertThat(gate(200, 215, -0.5).inS().orElseThrow()).isCloseTo(16, within(1e-9));
        assertThat(gate(180, 215, -0.2).inS()).isEmpty();
        assertThat(gate(180, 215, 0.001).inS()).isEmpty();
    }

    @Test
    void withoutABeanReadingThereIsNoCall() {
        assertThat(ChargeGate.judge(NONE, NONE, 190, NONE, 0).call()).isEqualTo(Call.NO_READING);
        // an environment that is not known is not held against the drum
        assertThat(ChargeGate.judge(OptionalDouble.of(190), NONE, 190, NONE, 0).call())
                .isEqualTo(Call.CHARGE_NOW);
    }

    private static Seen seen(double t, double bean, double gas, double air) {
        return new Seen(t, OptionalDouble.of(bean), NONE, OptionalDouble.of(gas), OptionalDouble.of(air));
    }

    @Test
    void theUsualStepsGoOnByReadingsAndByHand() {
        ProtocolRun run = new ProtocolRun(Protocol.usual(), 100);
        run.see(seen(101, 205, 50, 60));
        assertThat(run.at()).isZero();
        assertThat(run.needsHand()).isTrue();
        run.done(0, 105);
        run.done(0, 105.5);
        assertThat(run.at()).as("two presses end one step").isEqualTo(1);
        run.see(seen(110, 200, 50, 80));
        assertThat(run.at()).as("air is where it was to go").isEqualTo(2);
        run.see(seen(112, 199, 10, 80));
        assertThat(run.needsHand()).isFalse();
        run.see(seen(160, 177.9, 10, 80));
        assertThat(run.step().orElseThrow().text()).isEqualTo("Door shut");
        assertThat(run.stepElapsedS(170)).isEqualTo(10);
        assertThat(run.elapsedS(170)).isEqualTo(70);
        run.done(4, 171);
        run.see(seen(172, 176, 60, 40));
        assertThat(run.at()).isEqualTo(7);
        run.see(seen(200, 190.2, 60, 40));
        assertThat(run.step()).isEmpty();
    }

    @Test
    void aStepThatWaitsForTheClockEndsByItself() {
        ProtocolRun run = new ProtocolRun(
                new Protocol(
                        List.of(new Protocol.Step(Protocol.Kind.WAIT, Protocol.Probe.BEAN, OptionalDouble.of(30), ""))),
                0);
        run.see(seen(29, 150, 0, 0));
        assertThat(run.at()).isZero();
        run.see(seen(30, 150, 0, 0));
        assertThat(run.at()).isEqualTo(1);
    }

    private static BatchDrift.Batch turn(double s, double c) {
        return new BatchDrift.Batch(Optional.of(s), Optional.of(c), Optional.empty());
    }

    @Test
    void batchesThatStartAlikeAreSaidToAndADrumThatHeatsUpIsNamed() {
        // recurs within a degree or two and a few seconds (common practice, no published source)
        BatchDrift alike = BatchDrift.of(List.of(turn(93, 132.5), turn(95, 132), turn(92, 133)));
        assertThat(alike.alike()).isTrue();
        BatchDrift hotter = BatchDrift.of(List.of(turn(93, 130), turn(90, 132), turn(87, 134)));
        assertThat(hotter.alike()).isFalse();
        assertThat(hotter.degreesInAll()).isCloseTo(4, within(1e-9));
        assertThat(hotter.secondsInAll()).isCloseTo(-6, within(1e-9));
        assertThat(hotter.text(Wording.SI)).contains("hotter").contains("4.0 °C");
        assertThat(hotter.text(new Wording(true, false))).contains("7.2 °F");
        assertThat(BatchDrift.of(List.of(turn(93, 130), turn(87, 134))).text(Wording.SI))
                .contains("third batch")
                .doesNotContain("hotter");
    }

    @Test
    void anEnvironmentThatClimbsFromBatchToBatchIsSaid() {
        List<BatchDrift.Batch> climbing = List.of(
                new BatchDrift.Batch(Optional.of(93.0), Optional.of(132.0), Optional.of(238.0)),
                new BatchDrift.Batch(Optional.of(93.0), Optional.of(132.0), Optional.of(243.0)),
                new BatchDrift.Batch(Optional.of(93.0), Optional.of(132.0), Optional.of(248.0)));
        assertThat(BatchDrift.of(climbing).text(Wording.SI))
                .contains("starts alike")
                .endsWith("At the drop the environment came to read 10.0 °C higher from the first to the last.");
        assertThat(BatchDrift.of(climbing.subList(0, 2)).text(Wording.SI)).doesNotContain("environment");
    }
}
