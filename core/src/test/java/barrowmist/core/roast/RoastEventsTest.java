package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.core.check.Coded;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RoastEventsTest {

    @ParameterizedTest
    @EnumSource(EventKind.class)
    void everyKindIsReadByItsCode(EventKind kind) {
        assertThat(Coded.find(EventKind.class, kind.code())).hasValue(kind);
        assertThat(Coded.find(EventKind.class, " " + kind.label().toUpperCase(java.util.Locale.ROOT) + " "))
                .hasValue(kind);
    }

    @Test
    void anUnknownKindIsNone() {
        assertThat(Coded.find(EventKind.class, "third crack")).isEmpty();
        assertThat(Coded.find(EventKind.class, "")).isEmpty();
    }

    @Test
    void markingKeepsThemInOrderOfTime() {
        RoastEvents events = RoastEvents.of(RoastEvent.at(EventKind.DROP, 600), RoastEvent.at(EventKind.CHARGE, 0))
                .with(EventKind.FIRST_CRACK, 480);
        assertThat(events.list())
                .extracting(RoastEvent::kind)
                .containsExactly(EventKind.CHARGE, EventKind.FIRST_CRACK, EventKind.DROP);
        assertThat(events.timeS(EventKind.FIRST_CRACK)).hasValue(480);
        assertThat(events.find(EventKind.FIRST_CRACK).orElseThrow().movedFromS())
                .isEmpty();
    }

    @Test
    void aRemovedEventForgetsThatItWasMoved() {
        RoastEvents events = KnownCurve.events()
                .with(EventKind.DRY_END, 300)
                .without(EventKind.DRY_END)
                .with(EventKind.DRY_END, 290);
        assertThat(events.find(EventKind.DRY_END).orElseThrow().movedFromS()).isEmpty();
    }

    @Test
    void shiftingMovesTheOriginAsWell() {
        RoastEvent shifted = RoastEvent.at(EventKind.DROP, 600).movedTo(610).shifted(-30);
        assertThat(shifted).isEqualTo(new RoastEvent(EventKind.DROP, 580, OptionalDouble.of(570)));
    }

    @Test
    void lonePopsMayBeAnywhereAndAsManyAsHeard() {
        RoastEvents events = new RoastEvents(java.util.List.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.POP, 440),
                RoastEvent.at(EventKind.POP, 450),
                RoastEvent.at(EventKind.FIRST_CRACK, 480)));
        assertThat(events.problems()).isEmpty();
        RoastAnalysis analysis = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(KnownCurve.log(KnownCurve.steady().readings(0.1, 1)), events, Band.NONE);
        assertThat(analysis.figures().firstCrack().orElseThrow().timeS()).isEqualTo(480);
    }

    @Test
    void twoOfAKindAreAProblem() {
        RoastEvents twice = RoastEvents.of(RoastEvent.at(EventKind.CHARGE, 0), RoastEvent.at(EventKind.CHARGE, 95));
        assertThat(twice.problems()).containsExactly("charge is there twice, at 0:00 and 1:35: a roast has one");
    }

    @Test
    void anEventNeedsATime() {
        assertThatThrownBy(() -> RoastEvent.at(EventKind.DROP, Double.NaN))
                .hasMessage("Event drop is at NaN s, expected a number");
    }

    @ParameterizedTest
    @CsvSource({"0, 0:00", "59.4, 0:59", "59.6, 1:00", "615, 10:15", "-0.2, 0:00", "-15, −0:15", "3725, 62:05"})
    void timesAreWrittenAsPeopleWriteThem(double timeS, String text) {
        assertThat(Clock.text(timeS)).isEqualTo(text);
    }
}
