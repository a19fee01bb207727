package barrowmist.server.machine;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.HeatSource;
import barrowmist.core.machine.Protocol;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What a roaster can do, as it is entered. */
class MachineSettingsTest {

    private static final MachineSettings USUAL = MachineSettings.usual(150.0);

    private static MachineSettings with(
            double min, double max, @Nullable HeatSource heat, ControlRange gas, List<Protocol.Step> protocol) {
        return new MachineSettings(
                min, max, heat, "", gas, USUAL.air(), null, 22, 1800, 150, protocol, null, null, null);
    }

    private static List<String> problems(MachineSettings settings) {
        return settings.problems().stream().map(FieldProblem::field).toList();
    }

    @Test
    void aNewDrumBeginsWithSoundSettings() {
        assertThat(USUAL.problems()).isEmpty();
        assertThat(MachineSettings.usual(null).problems()).isEmpty();
        assertThat(USUAL.batchMinG()).isEqualTo(60);
        assertThat(USUAL.protocol()).hasSize(8);
    }

    @Test
    void settingsSurviveTheirColumn() {
        assertThat(MachineEntity.SETTINGS.read(MachineEntity.SETTINGS.write(USUAL)))
                .isEqualTo(USUAL);
    }

    @Test
    void everyProblemIsNamedAtItsField() {
        ControlRange upsideDown = new ControlRange(80, 20, 1, null);
        assertThat(problems(with(200, 150, null, upsideDown, USUAL.protocol())))
                .contains("batchMinG", "heatSource", "gas");
        assertThat(problems(with(60, 150, HeatSource.GAS, null, USUAL.protocol())))
                .containsExactly("gas");
        assertThat(problems(with(60, 150, HeatSource.GAS, new ControlRange(0, 140, 1, null), USUAL.protocol())))
                .contains("gas");
    }

    @Test
    void unknownStepsAreNamedAndNoProtocolIsAllowed() {
        assertThat(problems(with(
                        60,
                        150,
                        HeatSource.GAS,
                        USUAL.gas(),
                        List.of(new Protocol.Step(null, Protocol.Probe.BEAN, OptionalDouble.of(1), "")))))
                .containsExactly("protocol");
        assertThat(problems(with(60, 150, HeatSource.GAS, USUAL.gas(), List.of())))
                .isEmpty();
    }
}
