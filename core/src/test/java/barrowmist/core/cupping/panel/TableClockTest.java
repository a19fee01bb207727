package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.TableTiming;
import barrowmist.core.cupping.panel.TableClock.Break;
import barrowmist.core.cupping.panel.TableClock.Stage;
import barrowmist.core.cupping.panel.TableClock.Step;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Times and temperatures of the SCA cupping protocol, values from memory. */
class TableClockTest {

    private static TableClock of(int cups, double gapS) {
        return of(cups, gapS, TableTiming.unsaid());
    }

    private static TableClock of(int cups, double gapS, TableTiming timing) {
        return new TableClock(CupCooling.usual(93, 22), TableClock.pours(cups, gapS, Map.of()), timing);
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
                        Stage.LEAVE,
                        Stage.BREAK,
                        Stage.SKIM,
                        Stage.WAIT,
                        Stage.TASTE,
                        Stage.SECOND_ROUND,
                        Stage.LAST_ROUND,
                        Stage.STOP);
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
        assertThat(clock.pouredS().get(4)).isEqualTo(80);
        assertThat(from(clock, Stage.LEAVE)).isEqualTo(81);
        assertThat(from(clock, Stage.SKIM)).isGreaterThan(240 + 80);
    }

    @Test
    void stepsNeverRunBackwards() {
        for (double room : new double[] {5, 22, 36, 60}) {
            for (int cups : new int[] {1, 5, 20}) {
                for (TableTiming timing : timings(room > 50 ? 71 : 55)) {
                    List<Double> pours = TableClock.pours(cups, 30, Map.of(0, 2.0));
                    TableClock clock = new TableClock(CupCooling.usual(93, room), pours, timing);
                    List<Double> froms = clock.steps().stream().map(Step::fromS).toList();
                    assertThat(froms).isSorted();
                    assertThat(froms.get(froms.size() - 1)).isFinite();
                }
            }
        }
    }

    private static List<TableTiming> timings(double tasteC) {
        OptionalDouble none = OptionalDouble.empty();
        return List.of(
                TableTiming.unsaid(),
                new TableTiming(none, OptionalDouble.of(tasteC), none),
                new TableTiming(OptionalDouble.of(300), none, OptionalDouble.of(720)));
    }

    @Test
    void theHouseMayBreakAtAnotherMomentAndTasteByTheMinute() {
        OptionalDouble none = OptionalDouble.empty();
        TableClock clock = of(1, 20, new TableTiming(OptionalDouble.of(270), none, OptionalDouble.of(720)));
        assertThat(from(clock, Stage.BREAK)).isEqualTo(270);
        assertThat(from(clock, Stage.TASTE)).isEqualTo(720);
        // a sample that is to be tasted at 12:00 is not tasted before it is skimmed
        assertThat(from(of(20, 60, new TableTiming(none, none, OptionalDouble.of(720))), Stage.TASTE))
                .isGreaterThan(1140 + 240);
    }

    @Test
    void aPourThatSomebodyTappedCarriesThoseAfterIt() {
        assertThat(TableClock.pours(4, 20, Map.of(1, 35.0))).containsExactly(0.0, 35.0, 55.0, 75.0);
    }

    @Test
    void groundCoffeeWaitsAQuarterOfAnHourOrHalfAnHourCovered() {
        assertThat(TableClock.groundS(false)).isEqualTo(15 * 60);
        assertThat(TableClock.groundS(true)).isEqualTo(30 * 60);
    }

    @Test
    void aBreakOutsideThreeToFiveMinutesIsNoted() {
        assertThat(Break.at(179)).isEqualTo(new Break(true, false));
        assertThat(Break.at(180)).isEqualTo(new Break(false, false));
        assertThat(Break.at(300)).isEqualTo(new Break(false, false));
        assertThat(Break.at(301)).isEqualTo(new Break(false, true));
    }
}
