package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
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

    /** 200 °F ±2 °F as poured (SCA cupping protocol, values from memory). */
    @Test
    void waterThatIsNotPouredAsPublishedIsSaidUnlessTheHouseChoseIt() {
        assertThat(OffProtocol.pour(of(8.25, 150, 86, 148), List.of(TableProtocol.usual())))
                .hasValueSatisfying(s -> assertThat(s).contains("86.0", "92.2 to 94.4"));
        assertThat(OffProtocol.pour(of(8.25, 150, 86, 148), List.of(of(8.25, 150, 86, 148))))
                .isEmpty();
        assertThat(OffProtocol.pour(of(8.25, 150, 92, 148), List.of())).isEmpty();
        assertThat(OffProtocol.pour(of(8.25, 150, 94.8, 148), List.of())).isEmpty();
        assertThat(OffProtocol.pour(of(8.25, 150, 95, 148), List.of())).isPresent();
    }

    @Test
    void aShotIsItsOwnRatioAndTimesKeepToTheProtocol() {
        OptionalDouble none = OptionalDouble.empty();
        Drink shot = new Drink(
                Drink.Serving.ESPRESSO,
                none,
                new Drink.Shot(
                        OptionalDouble.of(45), OptionalDouble.of(27), OptionalDouble.of(40), OptionalInt.of(99)));
        TableProtocol espresso = of(22.5, 150, 93, 120).drunk(shot);
        // 22.5 g in, 45 g out is one to two, whatever the water
        assertThat(espresso.ratio()).hasValue(2);
        assertThat(of(8.25, 150, 93, 120).ratio().orElseThrow()).isCloseTo(18.18, within(0.01));
        assertThat(espresso.problems().stream().map(FieldProblem::field))
                .as("pre-infusion is part of the shot")
                .containsExactly("protocol.preInfusionS", "protocol.shots");
        TableProtocol late = new TableProtocol(
                none,
                none,
                none,
                none,
                Grind.said("fine"),
                Drink.black(),
                new TableTiming(OptionalDouble.of(301), OptionalDouble.of(90), none));
        assertThat(late.problems().stream().map(FieldProblem::field))
                .containsExactly("protocol.breakS", "protocol.tasteC");
        assertThat(late.warnings(new TableProtocol(
                        none, none, none, none, Grind.said("coarse"), Drink.black(), TableTiming.unsaid())))
                .containsExactly("Ground \"fine\", last time \"coarse\": scores will not compare.");
    }
}
