package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.trace.Pattern.Standing;
import barrowmist.core.trace.Patterns.Metric;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PatternsTest {

    /** One bean in one of sixty cups: it is the test's own distribution that would make a pattern of it. */
    @Test
    void whereNearlyAllAreAlikeNothingIsLearned() {
        double[] values = new double[60];
        boolean[] called = new boolean[60];
        for (int i = 0; i < 6; i++) {
            called[i] = true;
        }
        values[0] = 1;
        Pattern p = Patterns.of(List.of(new Metric("quakersPer100g", values, called)))
                .get(0);
        assertThat(p.standing()).isEqualTo(Pattern.Standing.NOT_YET);
        assertThat(p.p()).isEqualTo(1);
        assertThat(p.wanting()).isEqualTo(4);
    }

    /** Labs of cupped roasts: the calls part at a known place of the first figure, one in ten is wrong. */
    private static List<Metric> lab(Random random, int n, double planted, int figures) {
        List<Metric> out = new ArrayList<>();
        boolean[] called = new boolean[n];
        double[] first = random.doubles(n).map(u -> random.nextGaussian()).toArray();
        for (int i = 0; i < n; i++) {
            boolean truly = Double.isNaN(planted) ? random.nextDouble() < 0.3 : first[i] > planted;
            called[i] = truly != random.nextDouble() < 0.1;
        }
        out.add(new Metric("first", first, called));
        for (int f = 1; f < figures; f++) {
            out.add(new Metric(
                    "other " + f,
                    random.doubles(n).map(u -> random.nextGaussian()).toArray(),
                    called));
        }
        return out;
    }

    /** 30 % of a normal figure lie above 0.524 standard deviations. */
    private static final double PLANTED = 0.524;

    @Test
    void aPlantedThresholdIsFoundAndItsIntervalHolds() {
        Random random = new Random(1);
        int near = 0;
        int held = 0;
        int learned = 0;
        int labs = 300;
        for (int i = 0; i < labs; i++) {
            Pattern p = Patterns.of(lab(random, 60 + random.nextInt(60), PLANTED, 18))
                    .get(0);
            learned += p.standing() == Standing.LEARNED && p.metric().equals("first") ? 1 : 0;
            near += Math.abs(p.threshold() - PLANTED) <= 0.25 ? 1 : 0;
            held += p.lower() <= PLANTED && PLANTED <= p.upper() ? 1 : 0;
            assertThat(p.above()).isTrue();
            assertThat(p.threshold()).isBetween(p.lower(), p.upper());
        }
        assertThat(learned).as("learned").isGreaterThan(labs * 97 / 100);
        assertThat(near).as("within a quarter of a standard deviation").isGreaterThanOrEqualTo(labs * 9 / 10);
        assertThat((double) held / labs).as("interval holds").isBetween(0.90, 0.98);
    }

    @Test
    void whereNothingIsPlantedNothingIsLearned() {
        Random random = new Random(2);
        int wrong = 0;
        int labs = 300;
        for (int i = 0; i < labs; i++) {
            wrong += Patterns.of(lab(random, 60 + random.nextInt(200), Double.NaN, 18)).stream()
                            .anyMatch(p -> p.standing() == Standing.LEARNED)
                    ? 1
                    : 0;
        }
        assertThat((double) wrong / labs).isLessThan(0.03);
    }

    @Test
    void tooFewSayHowManyAreMissing() {
        Pattern p = Patterns.of(lab(new Random(3), 12, PLANTED, 1)).get(0);
        assertThat(p.standing()).isEqualTo(Standing.NOT_YET);
        assertThat(p.wanting()).isGreaterThanOrEqualTo(8);
        assertThat(p.threshold()).isNaN();
        Pattern none = Patterns.of(List.of(new Metric("x", new double[0], new boolean[0])))
                .get(0);
        assertThat(none.n()).isZero();
        assertThat(none.p()).isEqualTo(1);
    }

    /** The area is the share of pairs in which the called one lies above, a tie counting half. */
    @Test
    void theAreaIsCountedByPairs() {
        double[] values = {1, 2, 2, 3, 4, 5, 5, 6};
        boolean[] called = {false, false, true, false, true, true, false, true};
        double pairs = 0;
        for (int i = 0; i < values.length; i++) {
            for (int j = 0; j < values.length; j++) {
                if (called[i] && !called[j]) {
                    pairs += values[i] > values[j] ? 1 : values[i] == values[j] ? 0.5 : 0;
                }
            }
        }
        Pattern p = Patterns.of(List.of(new Metric("x", values, called))).get(0);
        assertThat(p.auc()).isCloseTo(pairs / 16, within(1e-9));
        double[] down = IntStream.range(0, 8).mapToDouble(i -> -values[i]).toArray();
        assertThat(Patterns.of(List.of(new Metric("x", down, called))).get(0).above())
                .isFalse();
    }

    @Test
    void lowIsFoundAsWellAsHigh() {
        Random random = new Random(5);
        List<Metric> lab = lab(random, 80, PLANTED, 1);
        double[] down =
                IntStream.range(0, 80).mapToDouble(i -> -lab.get(0).values()[i]).toArray();
        Pattern high = Patterns.of(lab).get(0);
        Pattern low =
                Patterns.of(List.of(new Metric("x", down, lab.get(0).called()))).get(0);
        assertThat(low.above()).isFalse();
        assertThat(low.threshold()).isCloseTo(-high.threshold(), within(1e-9));
        assertThat(low.lower()).isCloseTo(-high.upper(), within(1e-9));
    }
}
