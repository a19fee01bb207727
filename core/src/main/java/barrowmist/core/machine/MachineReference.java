package barrowmist.core.machine;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.GasFigures.Stretch;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RorPoint;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * A machine's own reference for one kind of coffee.
 *
 * @param chargeC charge temperature, °C
 * @param turningPointS turning point, s since charge
 * @param turningPointC bean reading at the turning point, °C
 * @param dryEndC bean reading at dry end, °C
 * @param firstCrackC bean reading at first crack, °C
 * @param peakCPerMin peak rate of rise, °C/min
 * @param drumRpm speed of the drum, 1/min
 * @param figures other figures, each in its own unit
 * @param gasPct where its gas stands, % of full
 */
public record MachineReference(
        Band chargeC,
        Band turningPointS,
        Band turningPointC,
        Band dryEndC,
        Band firstCrackC,
        Band peakCPerMin,
        Band drumRpm,
        Map<KeyFigure, Band> figures,
        Map<Stretch, Band> gasPct) {

    /** How many of the newest accepted roasts teach it: a drum drifts over the years (house default). */
    public static final int MOST_ROASTS = 200;

    /** Smallest spreads believed: °C, s and °C/min (house defaults). */
    private static final double FLOOR_C = 1;

    private static final double FLOOR_S = 3;
    private static final double FLOOR_C_PER_MIN = 0.5;

    /** The smallest spread believed of a share, %. */
    private static final double FLOOR_PCT = 0.5;

    private static final double FLOOR_RPM = 1;

    /** The same of the gas, % of full: it is set by such steps. */
    private static final double FLOOR_GAS_PCT = 2;

    /** Those of the figures that are learned beside the first six. */
    private static final Map<KeyFigure, Double> FLOORS = Map.of(
            KeyFigure.DROP_C, FLOOR_C,
            KeyFigure.BROWNING_PCT, FLOOR_PCT,
            KeyFigure.DEVELOPMENT_PCT, FLOOR_PCT,
            KeyFigure.ROR_AT_FIRST_CRACK, FLOOR_C_PER_MIN,
            KeyFigure.ENVIRONMENT_DROP_C, FLOOR_C);

    /** Without its gas. */
    public MachineReference(
            Band chargeC,
            Band turningPointS,
            Band turningPointC,
            Band dryEndC,
            Band firstCrackC,
            Band peakCPerMin,
            Band drumRpm,
            Map<KeyFigure, Band> figures) {
        this(chargeC, turningPointS, turningPointC, dryEndC, firstCrackC, peakCPerMin, drumRpm, figures, Map.of());
    }

    /** With the first six figures alone. */
    public MachineReference(
            Band chargeC, Band turningPointS, Band turningPointC, Band dryEndC, Band firstCrackC, Band peakCPerMin) {
        this(chargeC, turningPointS, turningPointC, dryEndC, firstCrackC, peakCPerMin, Band.NONE, Map.of());
    }

    /** Another figure; not yet learned where it is not among them. */
    public Band of(KeyFigure figure) {
        return figures.getOrDefault(figure, Band.NONE);
    }

    /** Where its gas stands in a stretch; not yet learned where it is not logged. */
    public Band gasPct(Stretch stretch) {
        return gasPct.getOrDefault(stretch, Band.NONE);
    }

    /** Nothing learned. */
    public static final MachineReference NONE = learn(List.of());

    /**
     * Learns from the accepted roasts of one machine and one kind of coffee. A roast without a figure is left out of
     * that figure alone.
     */
    public static MachineReference learn(List<RoastFigures> accepted) {
        return new MachineReference(
                band(accepted, f -> f.chargeC().stream(), FLOOR_C),
                band(accepted, f -> f.turningPoint().stream().mapToDouble(Milestone::timeS), FLOOR_S),
                band(accepted, f -> f.turningPoint().stream().mapToDouble(Milestone::beanC), FLOOR_C),
                band(accepted, f -> f.dryEnd().stream().mapToDouble(Milestone::beanC), FLOOR_C),
                band(accepted, f -> f.firstCrack().stream().mapToDouble(Milestone::beanC), FLOOR_C),
                band(accepted, f -> f.rorPeak().stream().mapToDouble(RorPoint::cPerMin), FLOOR_C_PER_MIN),
                band(accepted, f -> f.drumRpm().stream(), FLOOR_RPM),
                learnFigures(accepted),
                learnGas(accepted));
    }

    private static Map<KeyFigure, Band> learnFigures(List<RoastFigures> accepted) {
        Map<KeyFigure, Band> out = new EnumMap<>(KeyFigure.class);
        FLOORS.forEach((figure, floor) -> out.put(figure, band(accepted, f -> figure.of(f).stream(), floor)));
        return out;
    }

    private static Map<Stretch, Band> learnGas(List<RoastFigures> accepted) {
        Map<Stretch, Band> out = new EnumMap<>(Stretch.class);
        for (Stretch stretch : Stretch.values()) {
            out.put(stretch, band(accepted, f -> f.gas().of(stretch).stream(), FLOOR_GAS_PCT));
        }
        return out;
    }

    private static Band band(List<RoastFigures> roasts, Function<RoastFigures, DoubleStream> figure, double floor) {
        Stream<DoubleStream> each = roasts.stream().map(figure);
        return Band.learn(each.flatMapToDouble(s -> s).toArray(), floor);
    }
}
