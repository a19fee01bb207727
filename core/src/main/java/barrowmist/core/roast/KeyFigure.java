package barrowmist.core.roast;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.Phases.Phase;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** A figure of a roast that can be aimed at and predicted. */
public enum KeyFigure implements Coded {
    TURNING_POINT_S("turningPointS", "turning point", Unit.SECONDS, f -> time(f.turningPoint())),
    TURNING_POINT_C("turningPointC", "turning point", Unit.CELSIUS, f -> bean(f.turningPoint())),
    DRY_END_S("dryEndS", "dry end", Unit.SECONDS, f -> time(f.dryEnd())),
    FIRST_CRACK_S("firstCrackS", "first crack", Unit.SECONDS, f -> time(f.firstCrack())),
    TOTAL_S("totalS", "total time", Unit.SECONDS, RoastFigures::totalS),
    DROP_C("dropC", "drop", Unit.CELSIUS, f -> bean(f.drop())),
    DRYING_PCT("dryingPct", "drying", Unit.PERCENT, f -> share(f.phases().drying())),
    BROWNING_PCT("browningPct", "browning", Unit.PERCENT, f -> share(f.phases().browning())),
    DEVELOPMENT_PCT(
            "developmentPct", "development", Unit.PERCENT, f -> share(f.phases().development())),
    ROR_AT_FIRST_CRACK(
            "rorAtFirstCrackCPerMin",
            "rate of rise at first crack",
            Unit.CELSIUS_PER_MINUTE,
            RoastFigures::rorAtFirstCrackCPerMin),
    ROR_PEAK(
            "rorPeakCPerMin",
            "peak rate of rise",
            Unit.CELSIUS_PER_MINUTE,
            f -> f.rorPeak().stream().mapToDouble(RorPoint::cPerMin).findFirst()),
    ROR_BEFORE_CRACK(
            "rorBeforeCrackCPerMin",
            "rate of rise a minute before first crack",
            Unit.CELSIUS_PER_MINUTE,
            RoastFigures::rorBeforeCrackCPerMin),
    ROR_AT_DROP(
            "rorAtDropCPerMin", "rate of rise at the drop", Unit.CELSIUS_PER_MINUTE, RoastFigures::rorAtDropCPerMin),
    DEVELOPMENT_S("developmentS", "development time", Unit.SECONDS, RoastFigures::developmentS),
    ENVIRONMENT_DROP_C(
            "environmentDropC",
            "environment at the drop",
            Unit.CELSIUS,
            f -> f.environment().dropC());

    /** What a change of a roast is told by, and weighed by. */
    public static final List<KeyFigure> OF_A_CHANGE = List.of(
            DRY_END_S, FIRST_CRACK_S, TOTAL_S, DROP_C, BROWNING_PCT, DEVELOPMENT_PCT, ROR_AT_FIRST_CRACK, ROR_PEAK);

    /** What a figure is measured in. */
    public enum Unit implements Coded {
        SECONDS,
        CELSIUS,
        PERCENT,
        CELSIUS_PER_MINUTE
    }

    private final String code;
    private final String label;
    private final Unit unit;
    private final Function<RoastFigures, OptionalDouble> of;

    KeyFigure(String code, String label, Unit unit, Function<RoastFigures, OptionalDouble> of) {
        this.code = code;
        this.label = label;
        this.unit = unit;
        this.of = of;
    }

    @Override
    public String code() {
        return code;
    }

    /** The name in running text. */
    @Override
    public String label() {
        return label;
    }

    public Unit unit() {
        return unit;
    }

    /** This figure of a roast, in its {@link #unit}; empty while it cannot be known. */
    public OptionalDouble of(RoastFigures figures) {
        return of.apply(figures);
    }

    private static OptionalDouble time(Optional<Milestone> m) {
        return m.stream().mapToDouble(Milestone::timeS).findFirst();
    }

    private static OptionalDouble bean(Optional<Milestone> m) {
        return m.stream().mapToDouble(Milestone::beanC).findFirst();
    }

    private static OptionalDouble share(Optional<Phase> phase) {
        return phase.map(Phase::sharePct).orElse(OptionalDouble.empty());
    }
}
