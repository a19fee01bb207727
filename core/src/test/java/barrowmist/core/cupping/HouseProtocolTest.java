package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.FieldProblem;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ways to prepare a table. */
class HouseProtocolTest {

    /** SCA cupping protocol, from memory: 8.25 g to 150 mL, which is 55 g to the litre. */
    @ParameterizedTest
    @CsvSource({"150, 8.25", "200, 11", "180, 10", "250, 13.75"})
    void aBowlSaysItsDoseAndTheOtherWayRound(double waterMl, double doseG) {
        assertThat(TableProtocol.doseFor(waterMl)).isEqualTo(doseG);
        assertThat(TableProtocol.waterFor(doseG)).isCloseTo(waterMl, within(2.3));
        assertThat(55 * waterMl / 1000).isCloseTo(doseG, within(0.125));
    }

    @Test
    void theHouseBeginsWithThePublishedOneAndWhatTheTradeDoes() {
        assertThat(HouseProtocol.problems(HouseProtocol.USUAL)).isEmpty();
        assertThat(HouseProtocol.USUAL.get(0).protocol()).isEqualTo(TableProtocol.usual());
        TableProtocol selection = HouseProtocol.USUAL.get(2).protocol();
        // common practice, no published source: 1 to 18
        assertThat(selection.waterMl().orElseThrow() / selection.doseG().orElseThrow())
                .isEqualTo(18);
    }

    @Test
    void whatIsNoProtocolIsNamed() {
        TableProtocol usual = TableProtocol.usual();
        assertThat(HouseProtocol.problems(List.of(
                        new HouseProtocol("A", 2, usual),
                        new HouseProtocol("a", 5, usual),
                        new HouseProtocol("", 5, usual))))
                .extracting(FieldProblem::message)
                .hasSize(3);
        assertThat(HouseProtocol.problems(List.of())).hasSize(1);
        assertThat(HouseProtocol.problems(Collections.nCopies(21, new HouseProtocol("A", 5, usual))))
                .isNotEmpty();
        assertThat(List.of(1, 3, 5))
                .allSatisfy(n -> assertThat(HouseProtocol.reason(n)).isNotBlank());
    }
}
