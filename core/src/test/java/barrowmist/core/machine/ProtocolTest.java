package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.Protocol.Kind;
import barrowmist.core.machine.Protocol.Probe;
import barrowmist.core.machine.Protocol.Step;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class ProtocolTest {

    private static Step step(Kind kind, double value) {
        return new Step(kind, Probe.BEAN, OptionalDouble.of(value), "");
    }

    private static List<String> problems(Step... steps) {
        return new Protocol(Arrays.asList(steps))
                .problems().stream().map(FieldProblem::message).toList();
    }

    @Test
    void theUsualStepsCanBeReached() {
        assertThat(Protocol.usual().problems()).isEmpty();
    }

    @Test
    void aRiseThatTheFallBeforeItHasPassedIsSaid() {
        assertThat(problems(step(Kind.FALL_TO, 180), step(Kind.RISE_TO, 170)))
                .containsExactly("Step 2: it waits for the bean probe to rise to 170 °C, but by then it already reads"
                        + " about 180 °C");
    }

    @Test
    void aFallToMoreThanADropReadsIsSaid() {
        assertThat(problems(step(Kind.FALL_TO, 250))).singleElement().asString().contains("to fall to 250 °C");
    }

    @Test
    void aRiseWithoutGasIsNeverReached() {
        assertThat(problems(step(Kind.FALL_TO, 180), step(Kind.SET_GAS, 0), step(Kind.RISE_TO, 190)))
                .containsExactly(
                        "Step 3: it waits for the bean probe to rise to 190 °C with the gas at 0: it can never be reached");
    }

    @Test
    void valuesOutOfRangeAndEmptyStepsAreSaid() {
        assertThat(problems(step(Kind.SET_GAS, 130), step(Kind.RISE_TO, 900), step(Kind.WAIT, -1)))
                .hasSize(3)
                .allMatch(m -> m.contains("allowed are"));
        Step empty = new Step(Kind.DO, Probe.BEAN, OptionalDouble.empty(), " ");
        Step missing = new Step(Kind.FALL_TO, Probe.BEAN, OptionalDouble.empty(), "");
        assertThat(problems(empty, missing))
                .containsExactly(
                        "Step 1: say what is to be done", "Step 2: its value is missing, allowed are 40 to 320");
    }
}
