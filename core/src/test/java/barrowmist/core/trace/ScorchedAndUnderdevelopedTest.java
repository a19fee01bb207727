package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Causes that lie in the charge and in the end of a roast. */
class ScorchedAndUnderdevelopedTest extends TraceCases {

    @Test
    void burntCupsAfterAHotChargeAreScorched() {
        TraceInput usual = input(sound(), cup(5, "burnt", "ashy"), bench(57, 61, 9, true), 18);
        TraceInput hot = new TraceInput(
                usual.green(),
                usual.analysis(),
                CHARGED_AT_184,
                "Drum 1",
                usual.bench(),
                usual.cup(),
                usual.restHours(),
                ROASTED,
                BenchLimits.DEFAULTS,
                RestSchool.PROTOCOL);
        Finding scorched = trace(hot).get(0);
        assertThat(scorched.cause()).isEqualTo(Cause.SCORCHED);
        assertThat(scorched.standing()).isEqualTo(Finding.Standing.SUPPORTED);
        Correction c = scorched.correction().orElseThrow();
        assertThat(c.change()).isEqualTo("charge");
        assertThat(c.to()).isCloseTo(184, within(0.01));
        assertThat(ENGINE.trace(hot, new Wording(true, false))
                        .get(0)
                        .correction()
                        .orElseThrow()
                        .text())
                .isEqualTo("Charge at 363 °F, not at 383 °F.");
        assertThat(trace(usual).get(0).standing()).isEqualTo(Finding.Standing.UNEXPLAINED);
    }

    /** At least 5 °C lower for clear scorching (house default). */
    @Test
    void aScorchedRoastIsChargedAtLeastFiveLowerEvenWhenNothingIsLearned() {
        TraceInput in = input(sound(), cup(5, "burnt", "ashy"), bench(57, 61, 9, true), 18);
        Correction c = new ScorchedRule(TraceSettings.DEFAULTS)
                .correct(
                        new TraceInput(
                                in.green(),
                                in.analysis(),
                                MachineReference.NONE,
                                "Drum 1",
                                in.bench(),
                                in.cup(),
                                in.restHours(),
                                ROASTED,
                                BenchLimits.DEFAULTS,
                                RestSchool.PROTOCOL),
                        Wording.SI)
                .orElseThrow();
        assertThat(c.from() - c.to()).isCloseTo(5, within(1e-9));
    }

    @Test
    void whatIsNotYetLearnedIsSaid() {
        TraceInput in = input(sound(), cup(5, "burnt", "ashy"), BenchFigures.none(), 18);
        Finding f = trace(new TraceInput(
                        in.green(),
                        in.analysis(),
                        MachineReference.NONE,
                        "Drum 1",
                        in.bench(),
                        in.cup(),
                        in.restHours(),
                        ROASTED,
                        BenchLimits.DEFAULTS,
                        RestSchool.PROTOCOL))
                .get(0);
        assertThat(f.missing())
                .contains("What Drum 1 is usually charged at for a washed coffee is not yet learned"
                        + " (0 of 5 accepted roasts).");
    }

    @Test
    void aShortEndWithGrassyCupsIsUnderdeveloped() {
        RoastAnalysis shortEnd =
                analyze(KnownCurve.steady(), KnownCurve.events().with(EventKind.FIRST_CRACK, 545), Series.empty());
        Finding f = trace(input(shortEnd, cup(5, "grassy", "sour"), bench(62, 72, 0, false), 18))
                .get(0);
        assertThat(f.cause()).isEqualTo(Cause.UNDERDEVELOPED);
        assertThat(f.standing()).isEqualTo(Finding.Standing.SUPPORTED);
        Correction c = f.correction().orElseThrow();
        assertThat(c.change()).isEqualTo("development");
        assertThat(c.from()).isEqualTo(55);
        assertThat(c.to()).isEqualTo(55 + 45);
        assertThat(c.text()).startsWith("Drop 45 s later, at 10:45 and about ");
    }

    @Test
    void anOutsideAheadIsUnderdevelopedThoughTimeWasLongEnough() {
        KnownCurve fast = KnownCurve.of(t -> t < 300 ? 15 : t < 480 ? 15 : Math.max(3, 15 - (t - 480) / 120 * 10));
        RoastAnalysis analysis = analyze(fast, KnownCurve.events(), Series.empty());
        Finding f = trace(input(analysis, cup(5, "grassy", "drying"), bench(56, 68, 0, false), 18))
                .get(0);
        assertThat(f.cause()).isEqualTo(Cause.UNDERDEVELOPED);
        assertThat(f.standing()).isEqualTo(Finding.Standing.SUPPORTED);
        assertThat(f.correction().orElseThrow().change()).isEqualTo("ror-at-first-crack");
        assertThat(f.correction().orElseThrow().to()).isEqualTo(8);
    }

    /** The bench decides between overlapping words (common practice, no published source). */
    @ParameterizedTest(name = "whole {0}, ground {1}: bench speaks for underdeveloped {2}")
    @CsvSource({"58, 63, false", "58, 70, true"})
    void aWideColourGapSpeaksForUnderdeveloped(double whole, double ground, boolean speaksFor) {
        Finding f = trace(input(sound(), cup(5, "grassy", "hay"), bench(whole, ground, 0, true), 18))
                .get(0);
        double gap = f.evidence().stream()
                .filter(e -> e.text().startsWith("ground"))
                .mapToDouble(Evidence::weight)
                .findFirst()
                .orElseThrow();
        assertThat(gap > 0).isEqualTo(speaksFor);
    }

    @Test
    void everyWordOfARuleIsInTheVocabulary() {
        for (CauseRule rule : List.of(
                new BakedRule(TraceSettings.DEFAULTS),
                new ScorchedRule(TraceSettings.DEFAULTS),
                new UnderdevelopedRule(TraceSettings.DEFAULTS))) {
            Set<String> words = rule.words().keySet();
            assertThat(words).allMatch(w -> Vocabulary.find(w).isPresent());
        }
    }
}
