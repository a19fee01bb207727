package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.green.Process;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.core.green.ScreenRange;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.RoastFigures;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChargeAdviceTest {

    private static GreenFacts green(Process process, double moisture, double density, ScreenRange screen) {
        return new GreenFacts(
                process,
                LocalDate.of(2026, 9, 1),
                OptionalDouble.of(moisture),
                OptionalDouble.of(density),
                Optional.of(screen));
    }

    private static GreenFacts plain(Process process) {
        return green(process, 11, 695, new ScreenRange(16, 17));
    }

    private static MachineReference charges(double... c) {
        List<RoastFigures> roasts = DoubleStream.of(c)
                .mapToObj(v -> new RoastFigures(
                        OptionalDouble.of(v),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.empty()))
                .toList();
        return MachineReference.learn(roasts);
    }

    private static final Map<Process, MachineReference> WASHED =
            Map.of(Process.WASHED, charges(190, 191, 191, 192, 193, 230));

    private static ChargeAdvice advise(Map<Process, MachineReference> references, GreenFacts green, double greenG) {
        return ChargeAdvice.of("Drum 1", references, green, greenG, OptionalDouble.of(120));
    }

    @Test
    void aNaturalIsChargedLowerThanAWashedCoffeeByDefault() {
        double washed = advise(WASHED, plain(Process.WASHED), 120).chargeC();
        ChargeAdvice natural = advise(WASHED, plain(Process.NATURAL), 120);
        // 10 to 15 °F, common practice, no published source
        assertThat(washed - natural.chargeC()).isBetween(5.5, 8.5);
        assertThat(natural.addends()).singleElement().satisfies(line -> {
            assertThat(line.text()).startsWith("Natural: takes heat faster");
            assertThat(line.roasts()).isZero();
        });
    }

    @Test
    void fiveOfEachAreLearnedInstead() {
        Map<Process, MachineReference> both = Map.of(
                Process.WASHED, charges(190, 191, 191, 192, 193),
                Process.NATURAL, charges(180, 181, 181, 182, 183));
        ChargeAdvice natural = advise(both, plain(Process.NATURAL), 120);
        assertThat(natural.chargeC()).isEqualTo(181);
        assertThat(natural.addends().get(0).roasts()).isEqualTo(5);
        Map<Process, MachineReference> four =
                Map.of(Process.WASHED, charges(190, 191, 191, 192, 193), Process.NATURAL, charges(180, 181, 181, 182));
        assertThat(advise(four, plain(Process.NATURAL), 120).addends().get(0).roasts())
                .isZero();
    }

    @Test
    void oneWronglyMarkedChargeDoesNotMoveTheReference() {
        assertThat(advise(WASHED, plain(Process.WASHED), 120).base().c()).isCloseTo(191.5, within(0.01));
    }

    @Test
    void aDrumNobodyChargedYetSaysSo() {
        ChargeAdvice advice = advise(Map.of(), plain(Process.WASHED), 120);
        assertThat(advice.chargeC()).isEqualTo(ChargeAdvice.DEFAULT_C);
        assertThat(advice.base().text())
                .isEqualTo("House default: not yet learned on Drum 1 (0 of 5 accepted washed roasts)");
        assertThat(advice.spreadC()).isEmpty();
    }

    @ParameterizedTest(name = "{0} %, {1} g/L, screen {2} to {3}, {4} g: {5}")
    @CsvSource(
            delimiter = ';',
            value = {
                "11; 740; 16; 17; 120; Dense bean, 740 g/L: more heat; 1",
                "11; 660; 16; 17; 120; Soft bean, 660 g/L: less heat; -1",
                "11; 695; 12; 13; 120; Small beans take heat faster; -1",
                "11; 695; 14; 18; 120; Mixed sizes roast unevenly: gently; -1",
                "13; 695; 16; 17; 120; Moist, 13.0 %: more energy early; 1",
                "9; 695; 16; 17; 120; Dry, 9.0 %: less energy; -1",
                "11; 695; 16; 17; 150; 150 g is more than the usual 120 g; 1",
                "11; 695; 16; 17; 90; 90 g is less than the usual 120 g; -1"
            })
    void eachAddendStandsOnALineOfItsOwn(
            double moisture, double density, int small, int large, double greenG, String text, int sign) {
        GreenFacts facts = green(Process.WASHED, moisture, density, new ScreenRange(small, large));
        ChargeAdvice advice = advise(WASHED, facts, greenG);
        assertThat(advice.addends()).singleElement().satisfies(line -> {
            assertThat(line.text()).isEqualTo(text);
            assertThat(Math.signum(line.c())).isEqualTo(sign);
        });
    }

    @Test
    void theSumIsBoundedAndTheBoundIsSaid() {
        GreenFacts frail = green(Process.NATURAL, 8, 620, new ScreenRange(12, 13));
        ChargeAdvice advice = advise(WASHED, frail, 40);
        assertThat(advice.base().c() - advice.chargeC()).isBetween(11.0, 12.6);
        assertThat(advice.addends().get(advice.addends().size() - 1).text())
                .isEqualTo("Held: all together they move the charge no further");
        double sum = advice.addends().stream().mapToDouble(ChargeAdvice.Line::c).sum();
        assertThat(sum).isCloseTo(-ChargeAdvice.MOST_C, within(1e-9));
    }

    @Test
    void whatTheSievesCallEvenIsNotCalledMixed() {
        GreenFacts even = new GreenFacts(
                Process.WASHED,
                java.time.LocalDate.of(2026, 1, 5),
                OptionalDouble.of(11),
                OptionalDouble.of(695),
                ScreenRange.parse("14/18"),
                OptionalDouble.of(ScreenAnalysis.WIDE_SPREAD),
                Optional.empty(),
                GreenLimits.DEFAULTS);
        assertThat(advise(WASHED, even, 120).addends()).isEmpty();
    }

    @Test
    void theLabsOwnLimitsMoveTheCharge() {
        GreenLimits strict = new GreenLimits(10.5, 11.5, 9, 0.5, 0.6, 0.7, 740, 700, 5, 18);
        GreenFacts facts = green(Process.WASHED, 11.9, 695, new ScreenRange(16, 17));
        assertThat(advise(WASHED, facts, 120).addends()).isEmpty();
        assertThat(advise(WASHED, facts.by(strict), 120).addends())
                .extracting(ChargeAdvice.Line::text)
                .containsExactly("Soft bean, 695 g/L: less heat", "Moist, 11.9 %: more energy early");
    }
}
