package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TraceEngineTest {

    private static final TraceEngine ENGINE = new TraceEngine(TraceSettings.DEFAULTS);

    /** A washed reference of a machine charged at 184 °C; {@link KnownCurve} charges at 195. */
    private static final MachineReference CHARGED_AT_184 = reference(184);

    private static final MachineReference CHARGED_AT_195 = reference(195);

    private static MachineReference reference(double chargeC) {
        Band none = new Band.NotYetLearned(0);
        return new MachineReference(new Band.Learned(chargeC, 1.5, 9), none, none, none, none, none);
    }

    private static RoastAnalysis analyze(KnownCurve curve, RoastEvents events, Series gas) {
        RoastLog log = new RoastLog(curve.readings(0.15, 3), Series.empty(), gas, Series.empty(), Series.empty());
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, events, Band.NONE);
    }

    private static RoastAnalysis sound() {
        return analyze(KnownCurve.steady(), KnownCurve.events(), Series.empty());
    }

    private static RoastAnalysis crashed() {
        Series gas = new Series(new double[] {0, 300, 470}, new double[] {70, 60, 30});
        return analyze(KnownCurve.crash(485), KnownCurve.events(), gas);
    }

    private static CupFacts cup(int cupsOfFive, String... words) {
        List<TasteNote> notes = new ArrayList<>();
        for (String word : words) {
            notes.add(TasteNote.of(
                    word,
                    java.util.stream.IntStream.rangeClosed(1, cupsOfFive)
                            .boxed()
                            .toList()));
        }
        return CupFacts.of(List.of(
                new HundredPointSheet(Map.of(Attribute.ACIDITY, 7.0), Collections.nCopies(5, Cup.SOUND), notes)));
    }

    private static final LocalDate ROASTED = LocalDate.of(2026, 3, 5);

    private static TraceInput input(RoastAnalysis analysis, CupFacts cup, BenchFigures bench, double restHours) {
        GreenFacts green = new GreenFacts(
                Process.WASHED,
                LocalDate.of(2026, 1, 5),
                OptionalDouble.of(10.9),
                OptionalDouble.of(690),
                Optional.empty());
        return new TraceInput(
                green,
                analysis,
                CHARGED_AT_195,
                "Drum 1",
                bench,
                cup,
                OptionalDouble.of(restHours),
                ROASTED,
                BenchLimits.DEFAULTS,
                RestSchool.PROTOCOL);
    }

    private static BenchFigures bench(double whole, double ground, int scorched, boolean oneColour) {
        return new BenchFigures(
                OptionalDouble.of(120),
                OptionalDouble.of(104.5),
                OptionalDouble.of(whole),
                OptionalDouble.of(ground),
                OptionalInt.of(0),
                OptionalInt.of(scorched),
                OptionalInt.of(0),
                Optional.of(oneColour));
    }

    private static List<Finding> trace(TraceInput in) {
        return ENGINE.trace(in, Wording.SI);
    }

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
