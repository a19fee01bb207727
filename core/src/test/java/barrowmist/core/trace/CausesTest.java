package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.trace.Finding.Standing;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Each cause as a lab meets it; which words, figures and counts point where is common practice, no published source. */
class CausesTest {

    private static final Series CUT = new Series(new double[] {0, 300, 470}, new double[] {70, 60, 30});

    private static Known known() {
        return new Known();
    }

    private static Known crashed() {
        Known k = known();
        k.curve = KnownCurve.crash(485);
        k.gas = CUT;
        return k;
    }

    @Test
    void aFlatCupOfACrashedRoastIsBakedAndMendedAtItsOwnGasCut() {
        Known k = crashed().cupped(5, "flat", "bready");
        Known.supported(k, Cause.BAKED);
        Correction c = k.first().correction().orElseThrow();
        assertThat(c.change()).isEqualTo("gas");
        assertThat(c.mechanism()).isEqualTo("fell");
        assertThat(c.text()).contains("7:15", "45 %");
    }

    @Test
    void paperyInAllCupsWithACrashIsMoreThanToWatchFor() {
        Finding f = crashed().cupped(5, "papery").finding(Cause.BAKED);
        assertThat(f.standing()).isEqualTo(Standing.SUPPORTED);
    }

    @Test
    void aCrashWithASoundCupOrWithNoneIsOnlyToWatchFor() {
        Known sound = crashed().cupped(5, "sweet", "citrus");
        assertThat(sound.finding(Cause.BAKED).standing()).isEqualTo(Standing.TO_WATCH);
        assertThat(sound.trace().sound()).isGreaterThan(0.5);
        Traced before = crashed().trace();
        assertThat(before.findings()).extracting(Finding::standing).containsOnly(Standing.TO_WATCH);
        assertThat(before.missing())
                .singleElement()
                .satisfies(m -> assertThat(m.station()).isEqualTo("cupping"));
    }

    @Test
    void aFlatCupOfACleanLogIsUnexplainedAndSentOn() {
        Known k = known().cupped(5, "flat", "hollow");
        assertThat(k.first().standing()).isEqualTo(Standing.UNEXPLAINED);
        assertThat(k.first().correction()).isEmpty();
        assertThat(k.trace().missing()).isNotEmpty();
    }

    @Test
    void howeverManyCupsSayItTheCupAloneIsPossibleAtMost() {
        Finding f = known().cupped(5, "flat", "hollow", "bready", "papery").first();
        assertThat(f.probability()).isGreaterThan(0.6);
        assertThat(f.chance()).isEqualTo(Chance.POSSIBLE);
        assertThat(crashed().cupped(5, "flat", "bready").first().chance()).isEqualTo(Chance.VERY_LIKELY);
    }

    @Test
    void aSoundCupOfACleanLogHasNoFinding() {
        Traced t = known().cupped(5, "sweet", "floral").trace();
        assertThat(t.findings()).isEmpty();
        assertThat(t.sound()).isGreaterThan(0.9);
    }

    @Test
    void burntAfterAHotChargeIsScorchedAndChargedLower() {
        Known k = known().cupped(5, "ashy", "harsh");
        k.usual = Optional.of(Known.usually(187));
        k.counted(0, 5, 0);
        Known.supported(k, Cause.SCORCHED);
        assertThat(k.first().correction().orElseThrow()).satisfies(c -> {
            assertThat(c.change()).isEqualTo("charge");
            assertThat(c.to()).isLessThanOrEqualTo(c.from() - 5);
            assertThat(c.mechanism()).isEqualTo("hot-charge");
        });
    }

    @Test
    void aSoundRoastChargedThreeDegreesHighIsNotScorched() {
        Known k = known().cupped(5, "sweet");
        k.usual = Optional.of(Known.usually(192));
        assertThat(k.trace().findings()).extracting(Finding::cause).doesNotContain(Cause.SCORCHED);
    }

    @Test
    void burntOnASlowDrumTurnsItFasterAndLeavesTheChargeAlone() {
        Known k = known().cupped(5, "burnt", "smoky");
        k.usual = Optional.of(Known.usually(195));
        k.rpm = Known.held(36);
        Known.supported(k, Cause.SCORCHED);
        assertThat(k.first().correction().orElseThrow()).satisfies(c -> {
            assertThat(c.change()).isEqualTo("drum");
            assertThat(c.to()).isEqualTo(52);
        });
    }

    @Test
    void burntInASmallBatchIsMendedByTheBatch() {
        Known k = known().cupped(5, "ashy", "burnt");
        k.usual = Optional.of(Known.usually(195));
        k.batchG = new Band.Learned(120, 3, 10);
        k.bench = new BenchFigures(
                OptionalDouble.of(80),
                OptionalDouble.of(69.5),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                BenchFigures.none().counts(),
                Optional.empty());
        Known.supported(k, Cause.SCORCHED);
        assertThat(k.first().correction().orElseThrow().change()).isEqualTo("batch");
    }

    @Test
    void burntEndsAndASharpCupAreTipped() {
        Known k = known().cupped(5, "sharp", "harsh");
        k.counted(0, 0, 6);
        Known.supported(k, Cause.TIPPED);
    }

    @Test
    void aShortEndWithGrassyCupsIsUnderdeveloped() {
        Known k = known().cupped(5, "grassy", "sour");
        k.events = Known.crackAt(545);
        Known.supported(k, Cause.UNDERDEVELOPED);
        assertThat(k.first().correction().orElseThrow().to()).isGreaterThan(55);
    }

    @Test
    void aLowDropWithGrassyCupsIsDroppedHigher() {
        Known k = known().cupped(5, "grassy", "thin");
        var usual = Known.usually(195);
        double dropC = k.analysis().figures().drop().orElseThrow().beanC();
        k.usual = Optional.of(new barrowmist.core.machine.MachineReference(
                usual.chargeC(),
                Band.NONE,
                Band.NONE,
                Band.NONE,
                Band.NONE,
                Band.NONE,
                Band.NONE,
                Map.of(barrowmist.core.roast.KeyFigure.DROP_C, new Band.Learned(dropC + 6, 1, 9))));
        Known.supported(k, Cause.UNDERDEVELOPED);
        assertThat(k.first().correction().orElseThrow()).satisfies(c -> {
            assertThat(c.change()).isEqualTo("drop");
            assertThat(c.to() - c.from()).isBetween(2.0, 4.0);
        });
    }

    @Test
    void anOutsideAheadIsUnderdevelopedThoughItsWordsAreSharedByOthers() {
        Known k = known().cupped(5, "sour", "drying");
        k.curve = KnownCurve.of(t -> t < 120 ? 22 : 22 - (t - 120) / 480 * 9);
        k.bench(58, 68);
        Known.supported(k, Cause.UNDERDEVELOPED);
        assertThat(k.first().correction().orElseThrow().change()).isEqualTo("ror-at-first-crack");
    }

    @Test
    void thirteenPerCentIsShortForOneStyleAndMeantInAnother() {
        Known k = known().cupped(5, "grassy", "sour");
        k.events = Known.crackAt(528);
        Known light = known().cupped(5, "grassy", "sour");
        light.events = k.events;
        light.aim = RoastAim.FRUIT_NATURAL;
        assertThat(k.finding(Cause.UNDERDEVELOPED).weight())
                .isGreaterThan(light.finding(Cause.UNDERDEVELOPED).weight());
    }

    @Test
    void aDarkBitterCupIsOverdevelopedAndNotScorched() {
        Known k = known().cupped(5, "bittersweet", "roasty", "smoky");
        k.bench(49, 52);
        k.events = Known.crackAt(435);
        Known.supported(k, Cause.OVERDEVELOPED);
        assertThat(k.finding(Cause.SCORCHED).probability()).isLessThan(0.05);
        assertThat(k.first().correction().orElseThrow().to())
                .isLessThan(k.first().correction().orElseThrow().from());
    }

    @Test
    void aShortMiddleIsTartAndALongOneMuted() {
        Known tart = known().cupped(5, "tart", "thin");
        tart.events = KnownCurve.events().with(barrowmist.core.roast.EventKind.DRY_END, 360);
        Known.supported(tart, Cause.TART);
        Known muted = known().cupped(5, "muted", "heavy");
        muted.events = KnownCurve.events().with(barrowmist.core.roast.EventKind.DRY_END, 205);
        Known.supported(muted, Cause.MUTED);
    }

    @Test
    void twoCausesAreBothNamedWhenTheOddsSayIt() {
        Known k = crashed().cupped(5, "flat", "hollow").cupped(1, "oats", "peanut");
        k.counted(5, 0, 0);
        assertThat(k.finding(Cause.BAKED).standing()).isEqualTo(Standing.SUPPORTED);
        assertThat(k.finding(Cause.QUAKERS).atWork()).isGreaterThan(0.5);
    }
}
