package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.trace.CupFacts.Found;
import barrowmist.core.units.Wording;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How observations are read and graded, and what they ask for next. */
class SignsTest {

    private static Observation sign(Known k, Sign sign) {
        return Known.ENGINE.observe(k.input(), Wording.SI).stream()
                .filter(o -> o.sign() == sign)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aHotterChargeSpeaksMoreAndNeverByAStep() {
        double before = Double.NEGATIVE_INFINITY;
        for (double over = -2; over <= 14; over += 0.25) {
            Known k = new Known().cupped(5, "ashy");
            k.usual = Optional.of(Known.usually(195 - over));
            double weight = k.finding(Cause.SCORCHED).weight();
            if (over > -2) {
                assertThat(weight - before).as("at %.2f °C over", over).isBetween(-1e-9, 0.8);
            }
            before = weight;
        }
        assertThat(before).isGreaterThan(4);
    }

    /** From nothing to a crash: what falls short of one counts by how far it got. */
    @Test
    void aDeeperFallSpeaksMoreAndNeverByAStep() {
        double before = Double.NEGATIVE_INFINITY;
        double least = Double.NaN;
        for (double depth = 0.5; depth <= 7; depth += 0.25) {
            double d = depth;
            Known k = new Known().cupped(5, "flat");
            k.curve = KnownCurve.of(t ->
                    Math.max(0.5, KnownCurve.steadyRor(t) - d * Math.max(0, Math.min(1, (t - 480) / 25))));
            double weight = k.finding(Cause.BAKED).weight();
            if (depth > 0.5) {
                assertThat(weight - before).as("at %.2f °C/min", depth).isBetween(-0.15, 2.0);
            } else {
                least = weight;
            }
            before = weight;
        }
        assertThat(before).isGreaterThan(least + 2);
    }

    /** One spread floor: a machine that has always done the same is not flagged for two degrees. */
    @Test
    void twoDegreesOverUsualHardlyCount() {
        Known k = new Known();
        k.usual = Optional.of(Known.usually(193));
        assertThat(sign(k, Sign.HOT_CHARGE).degree()).isLessThan(0.1);
        k.usual = Optional.of(Known.usually(187));
        assertThat(sign(k, Sign.HOT_CHARGE).degree()).isGreaterThan(0.9);
    }

    @Test
    void whatIsNotMeasuredIsNotObserved() {
        Set<Sign> bare =
                Set.copyOf(Known.ENGINE.observe(new Known().cupped(5, "flat").input(), Wording.SI).stream()
                        .map(Observation::sign)
                        .toList());
        assertThat(bare)
                .doesNotContain(
                        Sign.HOT_CHARGE, Sign.SLOW_DRUM, Sign.DARK, Sign.QUAKER_BEANS, Sign.MOIST, Sign.OTHERS_TOO);
        assertThat(bare).contains(Sign.HEAT_FELL, Sign.LONG_BROWNING, Sign.TOO_YOUNG, Sign.OLD);
    }

    @ParameterizedTest
    @CsvSource({"PROTOCOL_SAMPLE, 0.4, 1", "FRUIT_NATURAL, 0, 0.3", "ESPRESSO, 0.9, 1"})
    void thirteenPerCentIsShortByTheAim(RoastAim aim, double least, double most) {
        Known k = new Known();
        k.events = Known.crackAt(522);
        k.aim = aim;
        assertThat(sign(k, Sign.SHORT_DEVELOPMENT).degree()).isBetween(least, most);
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0.1", "1, 0.05, 0.4", "2, 0.5, 0.9", "4, 0.95, 1"})
    void quakersAreGradedByTheirNumber(int n, double least, double most) {
        assertThat(sign(new Known().counted(n, 0, 0), Sign.QUAKER_BEANS).degree())
                .isBetween(least, most);
    }

    @Test
    void aDegreeBetweenIsAMixtureOfBoth() {
        Observation half = new Observation(Sign.DARK, 4, 0.5, "half", OptionalDouble.empty(), OptionalDouble.empty());
        assertThat(half.likelihood(0.9)).isEqualTo(0.5);
        assertThat(half.likelihood(0.1)).isEqualTo(0.5);
        assertThatThrownBy(() ->
                        new Observation(Sign.DARK, 4, 1.2, "more", OptionalDouble.empty(), OptionalDouble.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSynonymIsItsWord() {
        assertThat(Vocabulary.plain(" Ash ")).isEqualTo("ashy");
        assertThat(Vocabulary.plain("cereal")).isEqualTo("wheat");
        assertThat(Vocabulary.plain("vinegar")).isEqualTo("ferment");
        assertThat(Vocabulary.plain("grandmother’s attic")).isEqualTo("grandmother’s attic");
        CupFacts both = CupFacts.of(List.of(new HundredPointSheet(
                Map.of(),
                Collections.nCopies(5, Cup.SOUND),
                List.of(TasteNote.of("ash", List.of(1, 2)), TasteNote.of("ashy", List.of(2, 3))))));
        assertThat(both.found()).containsExactly(Map.entry("ashy", new Found(1, 3, 5)));
    }

    @Test
    void cupsOfACupperWhoDidNotFindAWordSayNothingOfItsCups() {
        CupFacts cup = CupFacts.of(List.of(sheet("oats", 1), sheet("sweet", 5)));
        assertThat(cup.cups()).isEqualTo(10);
        assertThat(cup.found().get("oats")).isEqualTo(new Found(1, 1, 5));
        assertThat(cup.words()).isEqualTo(Map.of("oats", 1, "sweet", 5));
    }

    private static HundredPointSheet sheet(String word, int cups) {
        return new HundredPointSheet(
                Map.of(),
                Collections.nCopies(5, Cup.SOUND),
                List.of(TasteNote.of(
                        word,
                        java.util.stream.IntStream.rangeClosed(1, cups).boxed().toList())));
    }

    @Test
    void theGroundColourIsAskedForWhereItDecides() {
        Known k = new Known().cupped(5, "bready", "wheat");
        Missing next = k.trace().missing().get(0);
        assertThat(k.trace().missing()).anySatisfy(m -> {
            assertThat(m.measurement()).isEqualTo("Read the colour of the ground coffee");
            assertThat(m.station()).isEqualTo("sample");
            assertThat(m.minutes()).isEqualTo(2);
            assertThat(m.of()).contains(Cause.UNDERDEVELOPED);
        });
        assertThat(next.gainBits()).isGreaterThan(0.1);
    }

    @Test
    void whenEverythingIsMeasuredOnlyAnExperimentIsLeft() {
        LabSimulator lab = new LabSimulator(3);
        int asked = 0;
        for (int i = 0; i < 60; i++) {
            TraceInput in = lab.of(List.of(Cause.values()[i % 16]), 0.3, 1).input();
            for (Missing m : Known.ENGINE.trace(in, Wording.SI).missing()) {
                assertThat(m.minutes()).as(m.measurement()).isGreaterThanOrEqualTo(30);
                asked++;
            }
        }
        assertThat(asked).isPositive();
    }

    @Test
    void rulesAreKnownByNameAndChangeOneByOne() {
        TraceRules rules = TraceRules.DEFAULTS.with(Map.of("prior.baked", 0.2));
        assertThat(rules.find("prior.baked").orElseThrow().value()).isEqualTo(0.2);
        assertThat(TraceRules.DEFAULTS.find("prior.baked").orElseThrow().value())
                .isEqualTo(0.035);
        assertThat(rules.all()).hasSameSizeAs(TraceRules.DEFAULTS.all());
        assertThatThrownBy(() -> rules.with(Map.of("prior.burned", 0.2))).hasMessageContaining("prior.burned");
        Known k = new Known().cupped(5, "flat");
        assertThat(new TraceEngine(rules)
                        .trace(k.input(), Wording.SI)
                        .findings()
                        .get(0)
                        .probability())
                .isGreaterThan(k.finding(Cause.BAKED).probability());
    }

    @Test
    void sentencesSpeakTheUnitsThatAreAskedFor() {
        Known k = new Known().cupped(5, "ashy");
        k.usual = Optional.of(Known.usually(187));
        List<String> said = Known.ENGINE.observe(k.input(), new Wording(true, true)).stream()
                .map(Observation::text)
                .toList();
        assertThat(said).anyMatch(t -> t.contains("charged at 383 °F")).noneMatch(t -> t.contains("°C"));
        assertThat(said).allMatch(t -> !t.isBlank());
    }

    @Test
    void theShareOfAWordIsWithinOne() {
        assertThat(new Found(1, 3, 5).share()).isCloseTo(0.6, within(1e-9));
        assertThat(new Found(1, 9, 5).share()).isEqualTo(1);
    }
}
