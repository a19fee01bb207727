package barrowmist.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import barrowmist.server.web.TooMany;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Guessing takes too long. */
class TriesTest {

    private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");

    private final Clock clock = mock(Clock.class);
    private final Tries tries = new Tries(clock, "Wait.");

    @BeforeEach
    void aTime() {
        when(clock.instant()).thenReturn(NOW);
    }

    private void wrong(String device, int times) {
        for (int i = 0; i < times; i++) {
            tries.begin(device);
        }
    }

    @Test
    void aDeviceWaitsTenMinutesAfterTenWrongTries() {
        wrong("a", 10);
        assertThatThrownBy(() -> tries.begin("a")).isInstanceOf(TooMany.class);
        assertThatCode(() -> tries.begin("b")).doesNotThrowAnyException();
        when(clock.instant()).thenReturn(NOW.plus(Duration.ofMinutes(10)).plusMillis(1));
        assertThatCode(() -> tries.begin("a")).doesNotThrowAnyException();
    }

    @Test
    void rightTriesCountForNothing() {
        for (int i = 0; i < 50; i++) {
            tries.begin("a").right();
        }
        assertThatCode(() -> tries.begin("a")).doesNotThrowAnyException();
    }

    @Test
    void manyUnknownDevicesTogetherDoNotFindACodeEither() {
        for (int i = 0; i < 40; i++) {
            wrong("device " + i, 5);
        }
        assertThatThrownBy(() -> tries.begin("a new one")).isInstanceOf(TooMany.class);
        // the lead's own tablet is let try all the same
        assertThatCode(() -> tries.begin("the lead's", true)).doesNotThrowAnyException();
    }

    @Test
    void manyAtTheSameMomentAreNoMoreThanManyOneAfterAnother() {
        AtomicInteger compared = new AtomicInteger();
        CompletableFuture.allOf(IntStream.range(0, 120)
                        .mapToObj(i -> CompletableFuture.runAsync(() -> {
                            try {
                                tries.begin("a");
                                compared.incrementAndGet();
                            } catch (TooMany refused) {
                                // not compared
                            }
                        }))
                        .toArray(CompletableFuture[]::new))
                .join();
        assertThat(compared).hasValue(10);
    }
}
