package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Months;
import barrowmist.core.green.Process;
import barrowmist.core.green.ScreenRange;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Single rules of the trace, one figure at a time. Weights are house defaults; what speaks for what is common practice. */
class RulesTest {

    private static final LocalDate ARRIVED = LocalDate.of(2026, 1, 5);
    private static final TraceSettings SETTINGS = TraceSettings.DEFAULTS;

    private static GreenFacts green(Process process, double moisture, double density, String screen) {
        return new GreenFacts(
                process, ARRIVED, OptionalDouble.of(moisture), OptionalDouble.of(density), ScreenRange.parse(screen));
    }

    private static RoastAnalysis analysis(KnownCurve curve, RoastEvents events, Series gas, Series rpm) {
        RoastLog log = new RoastLog(curve.readings(0.1, 2), Series.empty(), gas, Series.empty(), rpm);
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, events, Band.NONE);
    }

    private static RoastAnalysis steady(RoastEvents events) {
        return analysis(KnownCurve.steady(), events, Series.empty(), Series.empty());
    }

    private static TraceInput input(GreenFacts green, RoastAnalysis analysis, OptionalDouble restHours, double months) {
        CupFacts cup = CupFacts.of(List.of(sheet("flat", 5)));
        return new TraceInput(
                green,
                analysis,
                MachineReference.NONE,
                "Drum 1",
                BenchFigures.none(),
                cup,
                restHours,
                ARRIVED.plusDays(Math.round(months * Months.DAYS)),
                BenchLimits.DEFAULTS,
                RestSchool.PROTOCOL);
    }

    private static HundredPointSheet sheet(String word, int cups) {
        Set<Integer> in = Set.copyOf(
                java.util.stream.IntStream.rangeClosed(1, cups).boxed().toList());
        return new HundredPointSheet(Map.of(), Collections.nCopies(5, Cup.SOUND), List.of(TasteNote.of(word, in)));
    }

    private static GatheredEvidence weigh(CauseRule rule, TraceInput in) {
        GatheredEvidence gathered = new GatheredEvidence();
        rule.weigh(in, Wording.SI, gathered);
        return gathered;
    }

    private static Evidence starting(GatheredEvidence gathered, String... anyOf) {
        return gathered.evidence().stream()
                .filter(e -> List.of(anyOf).stream().anyMatch(s -> e.text().startsWith(s)))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} cupped after {1} h: {2}")
    @CsvSource({
        "WASHED, 4, -1.0",
        "WASHED, 9, 0.1",
        "WASHED, 20, 0.4",
        "NATURAL, 9, -0.4",
        "NATURAL, 20, -0.4",
        "NATURAL, 30, 0.4"
    })
    void restSpeaksForOrAgainstBaking(Process process, double hours, double weight) {
        GatheredEvidence gathered = weigh(
                new BakedRule(SETTINGS),
                input(green(process, 11, 700, "16"), steady(KnownCurve.events()), OptionalDouble.of(hours), 2));
        Evidence time = gathered.evidence().stream()
                .filter(e -> e.source() == Evidence.Source.TIME)
                .findFirst()
                .orElseThrow();
        assertThat(time.weight()).isCloseTo(weight, within(1e-9));
    }

    @Test
    void anUnknownRestIsMissing() {
        GatheredEvidence gathered = weigh(
                new BakedRule(SETTINGS),
                input(green(Process.WASHED, 11, 700, "16"), steady(KnownCurve.events()), OptionalDouble.empty(), 2));
        assertThat(gathered.missing()).anyMatch(m -> m.startsWith("Roasting or cupping time is not known"));
    }

    @ParameterizedTest(name = "moisture {0}, {1} months: {2}")
    @CsvSource({"11, 2, 0.3", "9, 2, -0.5", "11, 19, -0.5"})
    void ageSpeaksAgainstBaking(double moisture, double months, double weight) {
        GatheredEvidence gathered = weigh(
                new BakedRule(SETTINGS),
                input(
                        green(Process.WASHED, moisture, 700, "16"),
                        steady(KnownCurve.events()),
                        OptionalDouble.of(20),
                        months));
        assertThat(starting(gathered, "fresh", "dry green", "19 months old").weight())
                .isCloseTo(weight, within(1e-9));
    }

    @Test
    void aLongBrowningSpeaksForBaking() {
        RoastEvents longMiddle = KnownCurve.events().with(EventKind.DRY_END, 210);
        GatheredEvidence gathered = weigh(
                new BakedRule(SETTINGS),
                input(green(Process.WASHED, 11, 700, "16"), steady(longMiddle), OptionalDouble.of(20), 2));
        Evidence browning = starting(gathered, "browning");
        assertThat(browning.text()).isEqualTo("browning 45 %: long");
        assertThat(browning.fromS()).hasValue(210);
        assertThat(browning.toS()).hasValue(480);
    }

    @Test
    void aSlowDrumAndSmallSoftBeansSpeakForScorching() {
        Series rpm = new Series(new double[] {0, 300}, new double[] {32, 60});
        GatheredEvidence gathered = weigh(
                new ScorchedRule(SETTINGS),
                input(
                        green(Process.NATURAL, 11, 660, "13/14"),
                        analysis(KnownCurve.steady(), KnownCurve.events(), Series.empty(), rpm),
                        OptionalDouble.of(20),
                        2));
        assertThat(starting(gathered, "drum at 32 rpm").speaksFor()).isTrue();
        assertThat(starting(gathered, "a natural").source()).isEqualTo(Evidence.Source.GREEN);
        assertThat(starting(gathered, "small beans").weight()).isPositive();
    }

    @Test
    void withoutDrumSpeedThatIsSaidToBeMissing() {
        GatheredEvidence gathered = weigh(
                new ScorchedRule(SETTINGS),
                input(green(Process.WASHED, 11, 700, "16"), steady(KnownCurve.events()), OptionalDouble.of(20), 2));
        assertThat(gathered.missing()).anyMatch(m -> m.startsWith("Drum speed is not logged"));
    }

    @ParameterizedTest(name = "first crack {0} s, share {1}: weight {2} to {3}")
    @CsvSource({"480, 20 %, -0.8, -0.8", "515, 14 %, 0, 0", "530, 12 %, 1.0, 1.4", "560, 7 %, 1.7, 1.8"})
    void theShorterTheDevelopmentTheMoreItSpeaks(double crackS, String share, double least, double most) {
        GatheredEvidence gathered = weigh(
                new UnderdevelopedRule(SETTINGS),
                input(
                        green(Process.WASHED, 11, 690, "16"),
                        steady(KnownCurve.events().with(EventKind.FIRST_CRACK, crackS)),
                        OptionalDouble.of(20),
                        2));
        double weight = gathered.evidence().stream()
                .filter(e -> e.text().startsWith("development " + share))
                .mapToDouble(Evidence::weight)
                .sum();
        assertThat(weight).isBetween(least - 1e-9, most + 1e-9);
    }

    @ParameterizedTest(name = "first crack at {0} s: {1} s longer")
    @CsvSource({"515, 13", "560, 45", "501, 10"})
    void developmentIsLengthenedWithinBounds(double crackS, double longerS) {
        Correction c = new UnderdevelopedRule(SETTINGS)
                .correct(
                        input(
                                green(Process.WASHED, 11, 690, "16"),
                                steady(KnownCurve.events().with(EventKind.FIRST_CRACK, crackS)),
                                OptionalDouble.of(20),
                                2),
                        Wording.SI)
                .orElseThrow();
        assertThat(c.to() - c.from()).isCloseTo(longerS, within(0.5));
        assertThat(c.unit()).isEqualTo("s");
    }

    @Test
    void aCrashWithoutAGasLaneIsMendedByTime() {
        RoastAnalysis crashed = analysis(KnownCurve.crash(485), KnownCurve.events(), Series.empty(), Series.empty());
        Correction c = GasCorrections.forCrash(
                crashed, crashed.faults(Fault.Kind.CRASH).get(0), ControlWords.PLAIN);
        assertThat(c.unit()).isEqualTo("s");
        assertThat(c.to()).isEqualTo(480 - 35);
        assertThat(c.text()).startsWith("Ease the heat once, by a small step, at 7:25");
    }

    @Test
    void aStallIsAnsweredWithTenPerCentMoreGas() {
        Fault stall = new Fault(Fault.Kind.STALL, 330, 450, 4, 9, 9);
        Series gas = new Series(new double[] {0, 300}, new double[] {70, 35});
        Correction c = GasCorrections.forStall(
                analysis(KnownCurve.steady(), KnownCurve.events(), gas, Series.empty()), stall, ControlWords.PLAIN);
        assertThat(c.to() - c.from()).isEqualTo(10);
        assertThat(c.text()).startsWith("Hold the gas at 45 % from 5:10, not at 35 %");
        Correction unlogged = GasCorrections.forStall(steady(KnownCurve.events()), stall, ControlWords.PLAIN);
        assertThat(unlogged.change()).isEqualTo("browning");
        assertThat(unlogged.from() - unlogged.to()).isCloseTo(40, within(1e-9));
    }

    @Test
    void cupsOfSeveralSheetsAreCountedTogether() {
        CupFacts facts = CupFacts.of(List.of(sheet("flat", 5), sheet("flat", 2), sheet("bready", 1)));
        assertThat(facts.cups()).isEqualTo(15);
        assertThat(facts.words()).containsEntry("flat", 7).containsEntry("bready", 1);
        assertThat(facts.acidity()).isEmpty();
        assertThat(CupFacts.of(List.of()).cupped()).isFalse();
    }

    @ParameterizedTest(name = "flat in {0} of 5 cups adds {1}")
    @CsvSource({"5, 1.0", "4, 0.8", "3, 0.6", "1, -0.6"})
    void aWordAddsByTheShareOfItsCups(int cups, double sum) {
        GatheredEvidence gathered = new GatheredEvidence();
        CupRule.weigh(CupFacts.of(List.of(sheet("flat", cups))), new BakedRule(SETTINGS), gathered);
        assertThat(gathered.evidence().stream().mapToDouble(Evidence::weight).sum())
                .isCloseTo(sum, within(1e-9));
    }

    @Test
    void oneCupIsSpokenOfAsOne() {
        HundredPointSheet one =
                new HundredPointSheet(Map.of(), List.of(Cup.SOUND), List.of(TasteNote.of("flat", Set.of(1))));
        GatheredEvidence gathered = new GatheredEvidence();
        CupRule.weigh(CupFacts.of(List.of(one)), new BakedRule(SETTINGS), gathered);
        assertThat(gathered.evidence().get(0).text()).isEqualTo("flat, in the one cup");
    }

    @Test
    void aStricterLabHearsLess() {
        TraceInput in =
                input(green(Process.WASHED, 11, 690, "16"), steady(KnownCurve.events()), OptionalDouble.of(20), 2);
        TraceSettings strict = new TraceSettings(1.5, 720, 42, 13, 15, 16, 5, 11, 6.7, 3, 40, 5);
        assertThat(new TraceEngine(SETTINGS).trace(in, Wording.SI)).hasSize(1);
        assertThat(new TraceEngine(strict).trace(in, Wording.SI)).isEmpty();
    }

    @Test
    void noEvidenceIsWithoutASentence() {
        TraceInput in = input(
                green(Process.NATURAL, 12, 720, "13"),
                analysis(KnownCurve.crash(485), KnownCurve.events(), Series.empty(), Series.empty()),
                OptionalDouble.of(3),
                14);
        for (CauseRule rule :
                List.of(new BakedRule(SETTINGS), new ScorchedRule(SETTINGS), new UnderdevelopedRule(SETTINGS))) {
            GatheredEvidence gathered = weigh(rule, in);
            assertThat(gathered.evidence()).allSatisfy(e -> assertThat(e.text()).isNotBlank());
            assertThat(gathered.missing()).allSatisfy(m -> assertThat(m).endsWith("."));
        }
    }
}
