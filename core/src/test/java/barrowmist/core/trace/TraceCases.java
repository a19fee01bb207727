package barrowmist.core.trace;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchCounts;
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

/** Cups, logs and benches to trace. */
abstract class TraceCases {

    static final TraceEngine ENGINE = new TraceEngine(TraceSettings.DEFAULTS);

    /** A washed reference of a machine charged at 184 °C; {@link KnownCurve} charges at 195. */
    static final MachineReference CHARGED_AT_184 = reference(184);

    static final MachineReference CHARGED_AT_195 = reference(195);

    static MachineReference reference(double chargeC) {
        Band none = new Band.NotYetLearned(0);
        return new MachineReference(new Band.Learned(chargeC, 1.5, 9), none, none, none, none, none);
    }

    static RoastAnalysis analyze(KnownCurve curve, RoastEvents events, Series gas) {
        RoastLog log = new RoastLog(curve.readings(0.15, 3), Series.empty(), gas, Series.empty(), Series.empty());
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, events, Band.NONE);
    }

    static RoastAnalysis sound() {
        return analyze(KnownCurve.steady(), KnownCurve.events(), Series.empty());
    }

    static RoastAnalysis crashed() {
        Series gas = new Series(new double[] {0, 300, 470}, new double[] {70, 60, 30});
        return analyze(KnownCurve.crash(485), KnownCurve.events(), gas);
    }

    static CupFacts cup(int cupsOfFive, String... words) {
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

    static final LocalDate ROASTED = LocalDate.of(2026, 3, 5);

    static TraceInput input(RoastAnalysis analysis, CupFacts cup, BenchFigures bench, double restHours) {
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

    static BenchFigures bench(double whole, double ground, int scorched, boolean oneColour) {
        return new BenchFigures(
                OptionalDouble.of(120),
                OptionalDouble.of(104.5),
                OptionalDouble.of(whole),
                OptionalDouble.of(ground),
                BenchCounts.in100g(OptionalInt.of(0), OptionalInt.of(scorched), OptionalInt.of(0), OptionalInt.empty()),
                Optional.of(oneColour));
    }

    static List<Finding> trace(TraceInput in) {
        return ENGINE.trace(in, Wording.SI);
    }
}
