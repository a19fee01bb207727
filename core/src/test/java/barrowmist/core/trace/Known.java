package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchCounts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import barrowmist.core.sample.BenchLook;
import barrowmist.core.trace.Finding.Standing;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** A roast of which as much is known as a test says; the log is a whole one, analysed as any. */
final class Known {

    static final TraceEngine ENGINE = new TraceEngine(TraceRules.DEFAULTS);
    private static final LocalDate ROASTED = LocalDate.of(2026, 3, 5);

    KnownCurve curve = KnownCurve.steady();
    RoastEvents events = KnownCurve.events();
    Series gas = Series.empty();
    Series rpm = Series.empty();
    Optional<MachineReference> usual = Optional.empty();
    Band batchG = Band.NONE;
    RoastAim aim = RoastAim.PROTOCOL_SAMPLE;
    OptionalDouble secondCrackS = OptionalDouble.empty();
    Process process = Process.WASHED;
    OptionalDouble moisture = OptionalDouble.empty();
    Optional<LocalDate> harvest = Optional.of(LocalDate.of(2025, 10, 1));
    List<String> smells = List.of();
    BenchFigures bench = BenchFigures.none();
    OptionalDouble restH = OptionalDouble.of(12);
    TableFacts table = TableFacts.NONE;
    OptionalDouble acidity = OptionalDouble.empty();
    private final List<HundredPointSheet> sheets = new ArrayList<>();

    /** A sheet of five cups; each word in the first so many. */
    Known cupped(int cups, String... words) {
        List<TasteNote> notes = new ArrayList<>();
        for (String word : words) {
            notes.add(TasteNote.of(word, IntStream.rangeClosed(1, cups).boxed().toList()));
        }
        sheets.add(new HundredPointSheet(Map.of(), Collections.nCopies(5, Cup.SOUND), notes));
        return this;
    }

    RoastAnalysis analysis() {
        RoastLog log = new RoastLog(curve.readings(0.15, 3), Series.empty(), gas, Series.empty(), rpm);
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, events, Band.NONE);
    }

    /** The machine usually does just what the steady curve does, charged so. */
    static MachineReference usually(double chargeC) {
        Band none = Band.NONE;
        var figures = KnownCurve.analyze(KnownCurve.steady().readings(0.15, 3)).figures();
        return new MachineReference(
                new Band.Learned(chargeC, 1.5, 9),
                none,
                new Band.Learned(figures.turningPoint().orElseThrow().beanC(), 1.5, 9),
                none,
                none,
                new Band.Learned(figures.rorPeak().orElseThrow().cPerMin(), 0.7, 9),
                new Band.Learned(52, 1, 9),
                Map.of(
                        KeyFigure.DROP_C,
                        new Band.Learned(figures.drop().orElseThrow().beanC(), 1, 9)));
    }

    static Series held(double value) {
        return new Series(new double[] {0, KnownCurve.DROP_S}, new double[] {value, value});
    }

    static RoastEvents crackAt(double s) {
        return KnownCurve.events().with(EventKind.FIRST_CRACK, s);
    }

    Known bench(double whole, double ground) {
        bench = new BenchFigures(
                bench.greenG(),
                bench.roastedG(),
                OptionalDouble.of(whole),
                OptionalDouble.of(ground),
                bench.counts(),
                bench.oneColourThrough());
        return this;
    }

    Known counted(int quakers, int scorched, int tipped) {
        bench = new BenchFigures(
                bench.greenG(),
                bench.roastedG(),
                bench.colourWhole(),
                bench.colourGround(),
                BenchCounts.in100g(
                        OptionalInt.of(quakers), OptionalInt.of(scorched), OptionalInt.of(tipped), OptionalInt.empty()),
                bench.oneColourThrough());
        return this;
    }

    Known mixed() {
        bench = new BenchFigures(
                bench.greenG(),
                bench.roastedG(),
                OptionalDouble.empty(),
                bench.colourWhole(),
                bench.colourGround(),
                bench.counts(),
                bench.oneColourThrough(),
                new BenchLook(
                        Optional.of(BenchLook.Evenness.MIXED), Optional.empty(), Optional.empty(), Optional.empty()));
        return this;
    }

    TraceInput input() {
        OptionalDouble no = OptionalDouble.empty();
        Inspection seen = new Inspection(
                no,
                no,
                no,
                no,
                no,
                no,
                Map.of(),
                Optional.empty(),
                no,
                Optional.empty(),
                smells,
                Optional.empty(),
                "",
                Optional.empty(),
                false);
        return new TraceInput(
                new GreenFacts(
                        process,
                        LocalDate.of(2026, 1, 5),
                        moisture,
                        no,
                        Optional.empty(),
                        no,
                        harvest,
                        GreenLimits.DEFAULTS),
                seen,
                new TraceInput.Roast(
                        analysis(),
                        "Drum 1",
                        usual.orElse(MachineReference.NONE),
                        batchG,
                        ROASTED,
                        MadeFor.of(aim),
                        secondCrackS),
                bench,
                BenchLimits.DEFAULTS,
                CupFacts.of(sheets, acidity),
                restH,
                RestSchool.PROTOCOL,
                table);
    }

    Traced trace() {
        return ENGINE.trace(input(), Wording.SI);
    }

    Finding finding(Cause cause) {
        Traced t = trace();
        return java.util.stream.Stream.concat(t.findings().stream(), t.folded().stream())
                .filter(f -> f.cause() == cause)
                .findFirst()
                .orElseThrow();
    }

    Finding first() {
        return trace().findings().get(0);
    }

    /** Named first, borne out, and likely. */
    static void supported(Known k, Cause cause) {
        Finding f = k.first();
        assertThat(f.cause()).as("%s", k.trace()).isEqualTo(cause);
        assertThat(f.standing()).as("%s", f).isEqualTo(Standing.SUPPORTED);
        assertThat(f.probability()).isGreaterThan(0.6);
    }
}
