package barrowmist.core.trace;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.NearFaults;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads the first heat and the last degrees off the log, against what the machine usually does. */
final class LogSigns {

    /** The window of the first heat, s since charge. */
    private static final double FIRST_HEAT_S = 150;

    private final TraceInput in;
    private final RoastAnalysis analysis;
    private final RoastFigures figures;
    private final MachineReference reference;
    private final Wording wording;
    private final SignReading out;

    LogSigns(TraceInput in, Wording wording, SignReading out) {
        this.in = in;
        this.analysis = in.roast().analysis();
        this.figures = analysis.figures();
        this.reference = in.roast().reference();
        this.wording = wording;
        this.out = out;
    }

    void read() {
        firstHeat();
        drum();
        batch();
        fall();
        new CourseSigns(in, wording, out).read();
        drop();
    }

    private void firstHeat() {
        figures.chargeC()
                .ifPresent(c -> usual(c, reference.chargeC(), "floor.charge")
                        .ifPresent(u -> out.figure(
                                Sign.HOT_CHARGE,
                                u.spreads(),
                                "charged at %s; usual on %s for a %s coffee is %s (%d roasts)"
                                        .formatted(
                                                wording.temperature(c),
                                                in.roast().machineName(),
                                                in.green().process().label(),
                                                wording.temperature(u.usual()),
                                                u.roasts()),
                                0,
                                FIRST_HEAT_S)));
        figures.turningPoint()
                .ifPresent(turn -> usual(turn.beanC(), reference.turningPointC(), "floor.turn")
                        .ifPresent(u -> out.figure(
                                Sign.HOT_TURN,
                                u.spreads(),
                                "turning point %s at %s, usual %s"
                                        .formatted(
                                                wording.temperature(turn.beanC()),
                                                Clock.text(turn.timeS()),
                                                wording.temperature(u.usual())),
                                0,
                                turn.timeS())));
        figures.rorPeak()
                .ifPresent(peak -> usual(peak.cPerMin(), reference.peakCPerMin(), "floor.peak")
                        .ifPresent(u -> out.figure(
                                Sign.HIGH_PEAK,
                                u.spreads(),
                                "rate of rise peaks at %s, usual %s"
                                        .formatted(wording.rate(peak.cPerMin()), wording.rate(u.usual())),
                                figures.turningPoint().map(Milestone::timeS).orElse(0.0),
                                peak.timeS() + 60)));
    }

    private Optional<Usual> usual(double x, Band band, String floor) {
        return Usual.of(x, band, out.rules.value(floor));
    }

    private void drum() {
        OptionalDouble rpm = figures.drumRpm();
        if (rpm.isEmpty()) {
            return;
        }
        double now = rpm.getAsDouble();
        double floor = out.rules.value("floor.drum");
        Optional<Usual> usual = Usual.of(now, reference.drumRpm(), floor);
        double enough = out.rules.value("usual.spreads");
        double slow = usual.map(u -> -u.spreads()).orElse((out.rules.value("drum.slow") - now) / floor + enough);
        double fast = usual.map(Usual::spreads).orElse((now - out.rules.value("drum.fast")) / floor + enough);
        String text = "drum at "
                + wording.controls().drumText(now)
                + usual.map(u -> ", usual " + wording.controls().drumText(u.usual()))
                        .orElse("");
        out.figure(Sign.SLOW_DRUM, slow, text, 0, FIRST_HEAT_S);
        out.figure(Sign.FAST_DRUM, fast, text, 0, FIRST_HEAT_S);
    }

    private void batch() {
        in.bench().greenG().ifPresent(g -> {
            if (in.roast().batchG() instanceof Band.Learned l) {
                double floor = out.rules.value("floor.batch") / 100 * l.median();
                double spreads = (l.median() - g) / Math.max(floor, Math.min(l.spread(), 2 * floor));
                out.figure(
                        Sign.SMALL_BATCH,
                        spreads,
                        "%.0f g charged, usual %.0f g".formatted(g, l.median()),
                        0,
                        FIRST_HEAT_S);
            }
        });
    }

    /** Crash and stall are one thing: the heat fell away. */
    private void fall() {
        if (analysis.ror().isEmpty()) {
            return;
        }
        Optional<Fault> worst = analysis.faults().stream()
                .filter(f -> f.kind() == Fault.Kind.CRASH || f.kind() == Fault.Kind.STALL)
                .max(Comparator.comparingDouble(this::size));
        if (worst.isPresent()) {
            Fault f = worst.get();
            out.figure(Sign.HEAT_FELL, size(f), FaultSentence.of(f, wording), f.fromS(), f.toS());
            return;
        }
        nearly().ifPresentOrElse(
                        f -> out.figure(
                                Sign.HEAT_FELL,
                                Math.min(out.rules.value("fall.short"), size(f)),
                                FaultSentence.nearly(f, wording),
                                f.fromS(),
                                f.toS()),
                        () -> out.figure(Sign.HEAT_FELL, 0, "rate of rise falls steadily: no crash, no stall"));
    }

    /** What falls short of a crash or a stall counts by how far it got: never a step at the limit. */
    private Optional<Fault> nearly() {
        return NearFaults.of(analysis, out.rules.value("fall.nearly")).stream()
                .max(Comparator.comparingDouble(this::size));
    }

    private double size(Fault f) {
        return analysis.judgedBy().size(f);
    }

    private void drop() {
        if (figures.drop().isEmpty()) {
            return;
        }
        double now = figures.drop().get().beanC();
        double atS = figures.drop().get().timeS();
        Optional<Usual> usual = Usual.of(now, reference.of(KeyFigure.DROP_C), out.rules.value("floor.drop"));
        usual.ifPresent(u -> {
            String text = "dropped at %s, usual %s".formatted(wording.temperature(now), wording.temperature(u.usual()));
            out.figure(Sign.LOW_DROP, -u.spreads(), text, atS - 30, atS);
            out.figure(Sign.HIGH_DROP, u.spreads(), text, atS - 30, atS);
        });
        if (usual.isEmpty() && figures.developmentRiseC().isPresent()) {
            double rise = figures.developmentRiseC().getAsDouble();
            double spreads = (rise - out.rules.value("rise.high")) / out.rules.value("floor.drop");
            out.figure(
                    Sign.HIGH_DROP,
                    spreads + out.rules.value("usual.spreads"),
                    "%s from first crack to drop".formatted(wording.difference(rise)),
                    atS - 30,
                    atS);
        }
        in.roast()
                .secondCrackS()
                .ifPresent(s -> out.figure(Sign.SECOND_CRACK, 1, "second crack at " + Clock.text(s), s, atS));
    }
}
