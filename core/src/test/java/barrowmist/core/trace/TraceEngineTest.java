package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.sample.BenchFigures;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Baked cups, sound ones, and what the log does not explain. */
class TraceEngineTest extends TraceCases {

    @Test
    void aFlatCupOfACrashedRoastIsBaked() {
        List<Finding> findings = trace(input(crashed(), cup(5, "flat", "bready"), bench(58, 62, 0, true), 18));
        Finding baked = findings.get(0);
        assertThat(baked.cause()).isEqualTo(Cause.BAKED);
        assertThat(baked.standing()).isEqualTo(Finding.Standing.SUPPORTED);
        Evidence log = baked.evidence().stream()
                .filter(e -> e.text().startsWith("rate of rise crashed"))
                .findFirst()
                .orElseThrow();
        assertThat(log.fromS().getAsDouble()).isCloseTo(485, within(10.0));
        assertThat(baked.weight())
                .isCloseTo(
                        baked.evidence().stream().mapToDouble(Evidence::weight).sum(), within(1e-9));
    }

    @Test
    void theCrashIsMendedAtItsOwnGasCut() {
        Finding baked = trace(input(crashed(), cup(5, "flat", "bready"), bench(58, 62, 0, true), 18))
                .get(0);
        Correction c = baked.correction().orElseThrow();
        assertThat(c.change()).isEqualTo("gas");
        assertThat(c.from()).isEqualTo(30);
        assertThat(c.to()).isEqualTo(45);
        assertThat(c.text())
                .isEqualTo(
                        "Cut the gas at 7:15 to 45 %, not at 7:50 to 30 %, and give it back just after first crack.");
    }

    @Test
    void aCrashWithASoundCupIsOnlyToWatchFor() {
        Finding baked = trace(input(crashed(), cup(5, "sweet", "citrus"), bench(58, 62, 0, true), 18))
                .get(0);
        assertThat(baked.standing()).isEqualTo(Finding.Standing.TO_WATCH);
        assertThat(baked.correction()).isEmpty();
        assertThat(baked.evidence()).anyMatch(e -> e.text().equals("no word for baked in 5 cups"));
    }

    @Test
    void aCrashNotCuppedIsOnlyToWatchForAndAsksForTheCup() {
        Finding baked =
                trace(input(crashed(), CupFacts.NONE, BenchFigures.none(), 18)).get(0);
        assertThat(baked.standing()).isEqualTo(Finding.Standing.TO_WATCH);
        assertThat(baked.missing()).anyMatch(m -> m.startsWith("It has not been cupped"));
    }

    @Test
    void aFlatCupOfACleanLogIsUnexplainedAndSentOn() {
        List<Finding> findings = trace(input(sound(), cup(5, "flat", "dull"), BenchFigures.none(), 5));
        assertThat(findings).hasSize(1);
        Finding baked = findings.get(0);
        assertThat(baked.standing()).isEqualTo(Finding.Standing.UNEXPLAINED);
        assertThat(baked.missing().get(0)).startsWith("Nothing in the log explains it.");
        assertThat(baked.correction()).isEmpty();
        assertThat(baked.evidence())
                .anySatisfy(e -> assertThat(e.text()).isEqualTo("cupped after 5 h: flatness may be youth"));
    }

    @Test
    void aSoundCupOfACleanLogHasNoFinding() {
        assertThat(trace(input(sound(), cup(5, "sweet", "lively"), bench(58, 63, 0, true), 18)))
                .isEmpty();
    }

    @Test
    void aFaultInOneCupOnlyIsSpokenAgainst() {
        Finding one = trace(input(crashed(), cup(1, "flat", "bready"), bench(58, 62, 0, true), 18))
                .get(0);
        assertThat(one.standing()).isEqualTo(Finding.Standing.TO_WATCH);
        assertThat(one.evidence()).anyMatch(e -> e.text().startsWith("only in some of the cups"));
    }
}
