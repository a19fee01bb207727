package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.trace.Evidence.Source;
import barrowmist.core.trace.Finding.Standing;
import barrowmist.core.trace.LabSimulator.Case;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold of the odds whatever the case. */
class OddsTest {

    private static final TraceEngine ENGINE = new TraceEngine(TraceRules.DEFAULTS);

    static Stream<Case> cases() {
        LabSimulator lab = new LabSimulator(77);
        Random random = new Random(78);
        List<Case> out = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            out.add(lab.of(List.of(cause), 1, 0.5 + 0.5 * random.nextDouble()));
            out.add(lab.of(List.of(cause, Cause.values()[random.nextInt(16)]), 1.2, 1));
        }
        out.add(lab.of(List.of(), 1, 1));
        return out.stream();
    }

    private static List<Finding> all(Traced t) {
        return Stream.concat(t.findings().stream(), t.folded().stream()).toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void allProbabilitiesAddUpToOne(Case c) {
        Traced t = ENGINE.trace(c.input(), Wording.SI);
        double sum = all(t).stream().mapToDouble(Finding::probability).sum() + t.sound() + t.none();
        assertThat(sum).isCloseTo(1, within(1e-9));
        assertThat(all(t)).hasSize(Cause.values().length);
        boolean likelier = all(t).stream().allMatch(f -> t.none() > f.probability()) && t.none() > t.sound();
        assertThat(t.unexplained()).isEqualTo(likelier);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theOrderOfTheEvidenceDoesNotMatter(Case c) {
        List<Observation> seen = new ArrayList<>(ENGINE.observe(c.input(), Wording.SI));
        Odds odds = ENGINE.odds(c.input().cup(), seen);
        Collections.shuffle(seen, new Random(5));
        Odds shuffled = ENGINE.odds(c.input().cup(), seen);
        for (Cause cause : Cause.values()) {
            assertThat(shuffled.main(cause)).isCloseTo(odds.main(cause), within(1e-9));
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theSumOnTheScreenIsTheSumOfItsSources(Case c) {
        List<Observation> seen = ENGINE.observe(c.input(), Wording.SI);
        Odds odds = ENGINE.odds(c.input().cup(), seen);
        for (Finding f : all(ENGINE.trace(c.input(), Wording.SI))) {
            double sum = 0;
            for (Source source : Source.values()) {
                double shown = f.evidence().stream()
                        .filter(e -> e.source() == source)
                        .mapToDouble(Evidence::weight)
                        .sum();
                assertThat(shown)
                        .as("%s by %s", f.cause(), source)
                        .isCloseTo(odds.adds(f.cause(), source), within(1e-9));
                sum += shown;
            }
            assertThat(f.weight()).isCloseTo(sum, within(1e-9));
        }
    }

    /** Taking all of one source away changes the odds of a cause against a sound roast by what that source added. */
    @ParameterizedTest
    @MethodSource("cases")
    void takingASourceAwayMovesTheOddsByExactlyWhatItAdded(Case c) {
        List<Observation> seen = ENGINE.observe(c.input(), Wording.SI);
        Odds whole = ENGINE.odds(c.input().cup(), seen);
        for (Source source : Source.values()) {
            List<Observation> rest =
                    seen.stream().filter(o -> o.sign().source() != source).toList();
            CupFacts cup = source == Source.CUP ? CupFacts.NONE : c.input().cup();
            Odds without = ENGINE.odds(cup, rest);
            for (Cause cause : Cause.values()) {
                double moved = against(whole, cause) - against(without, cause);
                assertThat(moved).isCloseTo(whole.adds(cause, source), within(1e-9));
            }
        }
    }

    private static double against(Odds odds, Cause cause) {
        double sum = 0;
        for (Source source : Source.values()) {
            sum += odds.adds(cause, source);
        }
        return sum;
    }

    @ParameterizedTest
    @MethodSource("cases")
    void noSourceAloneMakesSupported(Case c) {
        TraceInput in = c.input();
        TraceInput cupAlone = new TraceInput(
                in.green().by(in.green().limits()),
                barrowmist.core.green.Inspection.none(),
                new Known().input().roast(),
                barrowmist.core.sample.BenchFigures.none(),
                in.benchLimits(),
                in.cup(),
                java.util.OptionalDouble.empty(),
                in.school(),
                TableFacts.NONE);
        List<Observation> none = List.of();
        for (Finding f : all(ENGINE.trace(cupAlone, Wording.SI))) {
            boolean witness = f.evidence().stream().anyMatch(e -> e.source() != Source.CUP && e.weight() >= 0.7);
            assertThat(f.standing() != Standing.SUPPORTED || witness)
                    .as("%s", f)
                    .isTrue();
        }
        TraceInput uncupped = new TraceInput(
                in.green(),
                in.inspection(),
                in.roast(),
                in.bench(),
                in.benchLimits(),
                CupFacts.NONE,
                in.restHours(),
                in.school(),
                in.table());
        assertThat(all(ENGINE.trace(uncupped, Wording.SI)))
                .extracting(Finding::standing)
                .doesNotContain(Standing.SUPPORTED, Standing.UNEXPLAINED);
        assertThat(ENGINE.odds(CupFacts.NONE, none).sound()).isGreaterThan(0.4);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void whatToLookAtNextIsNeverWhatWasSeenAndTellsMostFirst(Case c) {
        Traced traced = ENGINE.trace(c.input(), Wording.SI);
        List<Missing> missing = traced.missing();
        boolean open = traced.sound() < 0.5
                && traced.findings().stream().noneMatch(f -> f.standing() == Finding.Standing.SUPPORTED);
        double least = open && missing.size() == 1 ? 0 : 0.02;
        List<String> seen = ENGINE.observe(c.input(), Wording.SI).stream()
                .map(o -> o.sign().measurement())
                .filter(m -> !m.isEmpty())
                .toList();
        assertThat(missing).allSatisfy(m -> {
            assertThat(seen).doesNotContain(m.measurement());
            assertThat(m.gainBits()).isBetween(least, 4.2);
            assertThat(m.text()).endsWith(".");
        });
        assertThat(missing)
                .isSortedAccordingTo(
                        java.util.Comparator.comparingDouble(Missing::gainBits).reversed());
    }
}
