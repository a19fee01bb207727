package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.decision.BlendTrial.Scored;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.stat.descriptive.moment.StandardDeviation;
import org.junit.jupiter.api.Test;

class BlendTrialTest {

    private static final DecisionRules RULES = DecisionRules.DEFAULTS;

    @Test
    void itIsHeldAgainstItsPartsByTheirShares() {
        BlendTrial t = BlendTrial.of(
                List.of(84.0, 84.5),
                List.of(new Scored(75, List.of(84.0)), new Scored(25, List.of(82.0, 83.0))),
                RULES);
        assertThat(t.scored()).isEqualTo(84.25);
        // 0.75 * 84 + 0.25 * 82.5
        assertThat(t.expected()).isEqualTo(83.625);
        assertThat(t.text()).contains("84.25 on 2 sheets, 83.63 of its parts", "as its parts suggest");
    }

    @Test
    void moreAndLessAreSaidOnceTheSheetsCanTell() {
        List<Scored> parts = List.of(new Scored(50, many(84, 6)), new Scored(50, many(82, 6)));
        assertThat(BlendTrial.of(many(85, 6), parts, RULES).text()).contains("more than its parts suggest");
        assertThat(BlendTrial.of(many(81, 6), parts, RULES).text()).contains("less than its parts suggest");
        assertThat(BlendTrial.of(many(83.3, 1), parts, RULES).text()).contains("1 sheet,", "as its parts suggest");
    }

    /** The reach against what seeded cuppers scatter: its standard error is the one that comes out. */
    @Test
    void theReachIsTheScatterOfSuchTables() {
        Random chance = new Random(11);
        double[] off = IntStream.range(0, 4000)
                .mapToDouble(i -> {
                    BlendTrial t = BlendTrial.of(
                            drawn(chance, 3),
                            List.of(new Scored(60, drawn(chance, 2)), new Scored(40, drawn(chance, 4))),
                            RULES);
                    return t.scored() - t.expected();
                })
                .toArray();
        double reach = BlendTrial.of(
                        many(80, 3), List.of(new Scored(60, many(80, 2)), new Scored(40, many(80, 4))), RULES)
                .reach();
        assertThat(reach / RULES.sureSpreads()).isCloseTo(new StandardDeviation().evaluate(off), within(0.02));
    }

    private static List<Double> many(double score, int n) {
        return java.util.Collections.nCopies(n, score);
    }

    private static List<Double> drawn(Random chance, int n) {
        return IntStream.range(0, n)
                .mapToObj(i -> 83 + RULES.sheetSd() * chance.nextGaussian())
                .toList();
    }
}
