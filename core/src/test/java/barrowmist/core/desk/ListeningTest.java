package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class ListeningTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final double POLL_S = 1;

    private final Listening listening = new Listening();
    private long nanos;

    private Listening.Heard hear(double beanC, double clockS) {
        nanos += 1_000_000_000L;
        return listening.hear(
                new RoasterReading(OptionalDouble.of(beanC), NONE, NONE, NONE, NONE, NONE, OptionalDouble.of(clockS)),
                nanos,
                0,
                POLL_S);
    }

    @Test
    void timeGoesOnAsItWentWhereAReadingIsDroppedAndIsNotBehindAfterwards() {
        listening.begin(nanos);
        for (int s = 1; s <= 30; s++) {
            hear(150 + s, 500 + s);
        }
        // ten seconds of nonsense, its clock among it: a number that stands where the clock should be
        for (int s = 31; s <= 40; s++) {
            double t = hear(3276.7, 42_949_672.95).read().reading().timeS();
            assertThat(t).isCloseTo(s, within(0.01));
        }
        for (int s = 41; s <= 60; s++) {
            assertThat(hear(150 + s, 500 + s).read().reading().timeS()).isCloseTo(s, within(0.01));
        }
        assertThat(listening.refused()).isEqualTo(10);
    }

    /** A reading that was typed without a network comes late: it takes its own time, and the clock goes on. */
    @Test
    void aLateReadingSetsNoClockBack() {
        listening.begin(nanos);
        nanos += 143_000_000_000L;
        double now = listening.timeS(nanos);
        JournalLine.Read late = listening
                .typed(now - 20, OptionalDouble.of(160), NONE, nanos, 1_000_000)
                .orElseThrow();
        assertThat(late.reading().timeS()).isCloseTo(123, within(1e-9));
        assertThat(listening.timeS(nanos)).isCloseTo(143, within(1e-9));
        assertThat(late.wallMs()).isEqualTo(980_000);
        // and after a restart of the server it does not either
        Listening again = new Listening();
        again.resume(java.util.List.of(late), true, nanos, 1_000_000);
        assertThat(again.timeS(nanos)).isCloseTo(143, within(1e-6));
        again.resume(java.util.List.of(late), false, 5, 1_000_000);
        assertThat(again.timeS(5)).isCloseTo(143, within(1e-6));
    }

    @Test
    void whatIsPressedLaterIsNeverEarlier() {
        listening.begin(nanos);
        for (int s = 1; s <= 30; s++) {
            hear(150 + s, 500 + s);
        }
        double pressed = listening.timeS(nanos + 900_000_000L);
        // the roaster's clock runs a little slow: its next reading lies before what was pressed
        nanos += 950_000_000L;
        listening.hear(
                new RoasterReading(OptionalDouble.of(181), NONE, NONE, NONE, NONE, NONE, OptionalDouble.of(530.6)),
                nanos,
                0,
                POLL_S);
        assertThat(listening.timeS(nanos)).isGreaterThanOrEqualTo(pressed);
    }

    @Test
    void aStretchWithAStandingProbeBeginsWithTheFirstReadingThatStood() {
        listening.begin(nanos);
        for (int s = 1; s <= 30; s++) {
            hear(150 + s, 500 + s);
        }
        for (int s = 31; s <= 50; s++) {
            hear(180, 500 + s);
        }
        assertThat(listening.frozen()).isTrue();
        JournalLine.Gap gap = hear(190, 551).gap().orElseThrow();
        assertThat(gap.fromS()).isCloseTo(30, within(0.01));
        assertThat(gap.reason()).isEqualTo("the probe stood still");
    }
}
