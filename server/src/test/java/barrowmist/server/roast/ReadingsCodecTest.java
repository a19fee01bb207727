package barrowmist.server.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ReadingsCodecTest {

    private static Series random(int n, long seed) {
        Random random = new Random(seed);
        double[] t = new double[n];
        double[] v = new double[n];
        for (int i = 0; i < n; i++) {
            t[i] = i + random.nextDouble();
            v[i] = 400 * random.nextDouble() - 20;
        }
        return new Series(t, v);
    }

    @Test
    void whatGoesInComesOutToTheLastBit() {
        RoastLog log = new RoastLog(random(900, 1), random(870, 2), random(3, 3), Series.empty(), random(1, 4));
        RoastLog back = ReadingsCodec.decode(ReadingsCodec.encode(log));
        assertThat(back.beanC().timesS()).isEqualTo(log.beanC().timesS());
        assertThat(back.beanC().values()).isEqualTo(log.beanC().values());
        assertThat(back.environmentC().values()).isEqualTo(log.environmentC().values());
        assertThat(back.airflowPct().isEmpty()).isTrue();
        assertThat(back.drumRpm().value(0)).isEqualTo(log.drumRpm().value(0));
    }

    @Test
    void aColumnOfAnotherVersionIsNotGuessedAt() {
        assertThatThrownBy(() -> ReadingsCodec.decode(new byte[] {9, 1, 2}))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("a version that this Barrowmist does not know");
        assertThatThrownBy(() -> ReadingsCodec.decode(new byte[] {1, 2}))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("Readings are damaged");
    }
}
