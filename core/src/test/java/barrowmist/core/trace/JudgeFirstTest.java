package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class JudgeFirstTest {

    @Test
    void aShareIsDrawnAndStaysDrawn() {
        assertThat(drawn(0)).isZero();
        assertThat(drawn(1)).isEqualTo(10_000);
        // 1 in 5 of 10,000: four standard deviations either side
        assertThat(drawn(0.2)).isBetween(1840L, 2160L);
        // whoever asks for more keeps those that were drawn before
        assertThat(LongStream.rangeClosed(1, 1000).filter(id -> JudgeFirst.drawn(id, 0.1)))
                .allMatch(id -> JudgeFirst.drawn(id, 0.2));
    }

    /** The next one is drawn as often after one that was as after one that was not. */
    @Test
    void neighboursDoNotKeepStep() {
        long both = LongStream.rangeClosed(1, 10_000)
                .filter(id -> JudgeFirst.drawn(id, 0.5) && JudgeFirst.drawn(id + 1, 0.5))
                .count();
        assertThat(both).isBetween(2300L, 2700L);
    }

    private static long drawn(double share) {
        return LongStream.rangeClosed(1, 10_000)
                .filter(id -> JudgeFirst.drawn(id, share))
                .count();
    }
}
