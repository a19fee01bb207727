package barrowmist.server.access;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import barrowmist.server.web.TooMany;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** Guessing takes too long. */
class TriesTest {

    private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");

    private final Clock clock = mock(Clock.class);
    private final Tries tries = new Tries(clock, "Wait.");

    private void wrong(String device, int times) {
        for (int i = 0; i < times; i++) {
            tries.wrong(device);
        }
    }

    @Test
    void aDeviceWaitsTenMinutesAfterTenWrongTries() {
        when(clock.instant()).thenReturn(NOW);
        wrong("a", 9);
        assertThatCode(() -> tries.refuseIfTooMany("a")).doesNotThrowAnyException();
        wrong("a", 1);
        assertThatThrownBy(() -> tries.refuseIfTooMany("a")).isInstanceOf(TooMany.class);
        assertThatCode(() -> tries.refuseIfTooMany("b")).doesNotThrowAnyException();
        when(clock.instant()).thenReturn(NOW.plus(Duration.ofMinutes(10)).plusMillis(1));
        assertThatCode(() -> tries.refuseIfTooMany("a")).doesNotThrowAnyException();
    }

    @Test
    void manyDevicesTogetherDoNotFindACodeEither() {
        when(clock.instant()).thenReturn(NOW);
        for (int i = 0; i < 40; i++) {
            wrong("device " + i, 5);
        }
        assertThatThrownBy(() -> tries.refuseIfTooMany("a new one")).isInstanceOf(TooMany.class);
    }
}
