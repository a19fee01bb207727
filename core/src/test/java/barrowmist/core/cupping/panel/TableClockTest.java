package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.panel.TableClock.Break;
import barrowmist.core.cupping.panel.TableClock.Stage;
import barrowmist.core.cupping.panel.TableClock.Step;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Times and temperatures of the SCA cupping protocol, values from memory. */
class TableClockTest {

    private static TableClock of(int cups, double gapS) {
        return new TableClock(CupCooling.usual(93, 22), cups, gapS, TableClock.FIRST_TASTE_C);
    }

    private static double from(TableClock clock, Stage stage) {
        return clock.steps().stream()
                .filter(s -> s.stage() == stage)
                .findFirst()
                .orElseThrow()
                .fromS();
    }

    @Test
    void oneSampleIsBrokenAtFourMinutesAndTastedBetweenEightAndTen() {
        TableClock clock = of(1, 20);
        assertThat(clock.steps().stream().map(Step::stage))
                .containsExactly(
                        Stage.LEAVE, Stage.BREAK, Stage.SKIM, Stage.WAIT, Stage.TASTE, Stage.LAST_ROUND, Stage.STOP);
        assertThat(from(clock, Stage.BREAK)).isEqualTo(240);
        assertThat(from(clock, Stage.TASTE) / 60).isBetween(8.0, 10.0);
        assertThat(from(clock, Stage.LAST_ROUND)).isGreaterThan(from(clock, Stage.TASTE));
        assertThat(from(clock, Stage.STOP))
                .isGreaterThan(from(clock, Stage.LAST_ROUND))
                .isLessThan(3 * 3600);
    }

    @Test
    void severalArePouredOneAfterTheOtherAndBrokenInThatOrder() {
        TableClock clock = of(5, 20);
        assertThat(clock.steps().get(0).stage()).isEqualTo(Stage.POUR);
        assertThat(clock.pouredS(4)).isEqualTo(80);
        assertThat(from(clock, Stage.LEAVE)).isEqualTo(81);
        assertThat(from(clock, Stage.SKIM)).isGreaterThan(240 + 80);
    }

    @Test
    void stepsNeverRunBackwards() {
        for (double room : new double[] {5, 22, 36, 60}) {
            for (int cups : new int[] {1, 5, 20}) {
                TableClock clock = new TableClock(CupCooling.usual(93, room), cups, 30, room > 50 ? 71 : 55);
                List<Double> froms = clock.steps().stream().map(Step::fromS).toList();
                assertThat(froms).isSorted();
                assertThat(froms.get(froms.size() - 1)).isFinite();
            }
        }
    }

    @Test
    void aBreakOutsideThreeToFiveMinutesIsNoted() {
        assertThat(Break.at(179)).isEqualTo(new Break(true, false));
        assertThat(Break.at(180)).isEqualTo(new Break(false, false));
        assertThat(Break.at(300)).isEqualTo(new Break(false, false));
        assertThat(Break.at(301)).isEqualTo(new Break(false, true));
    }
}
