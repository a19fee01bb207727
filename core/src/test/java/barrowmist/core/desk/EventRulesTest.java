package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.PhaseName;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What may be called at the desk; the order of a roast's events is common practice, no published source. */
class EventRulesTest {

    /** Events at 0, 100, 200… s in the order of their codes. */
    private static RoastEvents called(String codes) {
        List<String> all = codes == null ? List.of() : Arrays.asList(codes.split(" "));
        return new RoastEvents(all.stream()
                .map(c -> RoastEvent.at(Coded.find(EventKind.class, c).orElseThrow(), 100.0 * all.indexOf(c)))
                .toList());
    }

    @ParameterizedTest(name = "after {0}: {1}")
    @CsvSource({
        ", charge",
        "charge, dry_end",
        "charge dry_end, first_crack",
        "charge first_crack, drop",
        "charge dry_end first_crack, drop",
        "charge dry_end first_crack drop, "
    })
    void theNextEventFollowsTheRoast(String codes, String next) {
        assertThat(EventRules.next(called(codes)).map(EventKind::code).orElse(null))
                .isEqualTo(next);
    }

    @ParameterizedTest(name = "{1} after {0}, {2} s later: {3}")
    @CsvSource({
        ", dry_end, 60, The charge comes first.",
        "charge, dry_end, 0.69, Two events at once",
        "charge, dry_end, 0.7, ",
        "charge, pop, 0.1, ",
        "charge drop, first_crack, 60, The batch is dropped",
        "charge, drop, 60, "
    })
    void whatCannotBeCalledIsSaid(String codes, String kind, double sinceS, String says) {
        String refusal = EventRules.refusal(Coded.find(EventKind.class, kind).orElseThrow(), called(codes), sinceS)
                .orElse("");
        if (says == null) {
            assertThat(refusal).isEmpty();
        } else {
            assertThat(refusal).startsWith(says);
        }
    }

    @Test
    void theStretchesSoFarFollowOneAnotherAndTheLastOneRuns() {
        assertThat(stretches("charge")).containsExactly("drying 0 to 300");
        assertThat(stretches("charge dry_end")).containsExactly("drying 0 to 100", "browning 100 to 300");
        assertThat(stretches("charge dry_end first_crack"))
                .containsExactly("drying 0 to 100", "browning 100 to 200", "development 200 to 300");
    }

    @Test
    void withoutDryEndNobodyKnowsWhenBrowningBegan() {
        assertThat(EventRules.stretches(
                        new RoastEvents(
                                List.of(RoastEvent.at(EventKind.CHARGE, 0), RoastEvent.at(EventKind.FIRST_CRACK, 400))),
                        480))
                .containsExactly(
                        new EventRules.Stretch(PhaseName.DRYING, 0, 400),
                        new EventRules.Stretch(PhaseName.DEVELOPMENT, 400, 480));
    }

    @Test
    void aShareIsOfTheTimeSinceChargeAndNothingAtTheCharge() {
        assertThat(new EventRules.Stretch(PhaseName.DRYING, 0, 90).sharePct(360))
                .hasValue(25);
        assertThat(new EventRules.Stretch(PhaseName.DRYING, 0, 0).sharePct(0)).isEmpty();
    }

    private static List<String> stretches(String called) {
        return EventRules.stretches(called(called), 300).stream()
                .map(s -> "%s %.0f to %.0f".formatted(s.name().label(), s.fromS(), s.toS()))
                .toList();
    }

    @ParameterizedTest(name = "polled each {0} s at ×{1}: {2} s")
    @CsvSource({"0.2, 1, 2.5", "1, 1, 4", "0.2, 30, 24"})
    void aGapIsLongerThanTheRoasterIsUsuallySilent(double pollS, double rate, double longestS) {
        assertThat(Silence.longestS(pollS, rate)).isEqualTo(longestS);
    }

    @Test
    void anOutlookIsScoredWithAndWithoutTheSign() {
        OutlookScore score = OutlookScore.of(List.of(
                new OutlookScore.Pair(480, 490), new OutlookScore.Pair(500, 496), new OutlookScore.Pair(470, 470)));
        assertThat(score.roasts()).isEqualTo(3);
        assertThat(score.meanMiss()).isEqualTo(14 / 3.0);
        assertThat(score.bias()).isEqualTo(-2);
    }
}
