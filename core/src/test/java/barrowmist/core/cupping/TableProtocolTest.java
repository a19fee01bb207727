package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class TableProtocolTest {

    private static TableProtocol of(double doseG, double waterMl, double waterC, double ppm) {
        return new TableProtocol(
                OptionalDouble.of(doseG),
                OptionalDouble.of(waterMl),
                OptionalDouble.of(waterC),
                OptionalDouble.of(ppm));
    }

    @Test
    void thePublishedRatioIsHeld() {
        // 0.055 g/mL (SCA cupping protocol, from memory)
        assertThat(TableProtocol.usual().doseG().orElseThrow()
                        / TableProtocol.usual().waterMl().orElseThrow())
                .isEqualTo(0.055);
        assertThat(TableProtocol.usual().problems()).isEmpty();
        assertThat(of(0, 150, 120, 3000).problems().stream().map(FieldProblem::field))
                .containsExactly("protocol.doseG", "protocol.waterC", "protocol.tdsPpm");
    }

    @Test
    void whatDiffersFromTheLastTableIsSaid() {
        TableProtocol last = of(8.25, 150, 93, 148);
        assertThat(of(8.3, 150, 92, 140).warnings(last)).isEmpty();
        assertThat(of(8.25, 150, 93, 210).warnings(last))
                .containsExactly("Water 210 ppm, last time 148: scores will not compare.");
        assertThat(of(12, 216, 86, 148).warnings(last)).hasSize(3);
        assertThat(of(8.25, 150, 93, 60).warnings(TableProtocol.unsaid()))
                .containsExactly("Water of 60 ppm: the protocol allows 100 to 250.");
        assertThat(TableProtocol.unsaid().warnings(last)).isEmpty();
    }
}
