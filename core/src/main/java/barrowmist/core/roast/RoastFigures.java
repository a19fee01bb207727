package barrowmist.core.roast;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * The figures of a roast that lists, references and judgements need; each empty while it cannot be known. Times are
 * seconds since charge.
 *
 * @param chargeC bean probe at charge, °C
 * @param turningPoint where the bean reading turns
 * @param dryEnd end of drying
 * @param firstCrack start of first crack
 * @param drop end of the roast
 * @param rorAtFirstCrackCPerMin rate of rise at first crack, °C/min
 * @param rorAtDropCPerMin rate of rise at the drop, °C/min
 * @param rorPeak highest rate of rise
 * @param rorBeforeCrackCPerMin rate of rise a minute before first crack, °C/min
 * @param environment what the environment probe read
 * @param drumRpm mean speed of the drum from charge to drop, 1/min
 * @param gas where the gas stood
 */
public record RoastFigures(
        OptionalDouble chargeC,
        Optional<Milestone> turningPoint,
        Optional<Milestone> dryEnd,
        Optional<Milestone> firstCrack,
        Optional<Milestone> drop,
        OptionalDouble rorAtFirstCrackCPerMin,
        OptionalDouble rorAtDropCPerMin,
        Optional<RorPoint> rorPeak,
        OptionalDouble rorBeforeCrackCPerMin,
        EnvironmentFigures environment,
        OptionalDouble drumRpm,
        GasFigures gas) {

    /** How long before first crack its rate of rise is asked for as well, s (common practice, no published source). */
    public static final double BEFORE_CRACK_S = 60;

    /** Without an environment probe, and without the rate before first crack. */
    public RoastFigures(
            OptionalDouble chargeC,
            Optional<Milestone> turningPoint,
            Optional<Milestone> dryEnd,
            Optional<Milestone> firstCrack,
            Optional<Milestone> drop,
            OptionalDouble rorAtFirstCrackCPerMin,
            OptionalDouble rorAtDropCPerMin,
            Optional<RorPoint> rorPeak) {
        this(
                chargeC,
                turningPoint,
                dryEnd,
                firstCrack,
                drop,
                rorAtFirstCrackCPerMin,
                rorAtDropCPerMin,
                rorPeak,
                OptionalDouble.empty(),
                EnvironmentFigures.NONE,
                OptionalDouble.empty(),
                GasFigures.NONE);
    }

    /** Those of a roast of which nothing is known yet. */
    public static final RoastFigures NONE = new RoastFigures(
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.empty());

    /** Charge to drop, s. */
    public OptionalDouble totalS() {
        return drop.stream().mapToDouble(Milestone::timeS).findFirst();
    }

    /** First crack to drop, s. */
    public OptionalDouble developmentS() {
        return difference(Milestone::timeS);
    }

    /** Degrees risen from first crack to drop, °C. */
    public OptionalDouble developmentRiseC() {
        return difference(Milestone::beanC);
    }

    /** How far the environment lies above the beans at the drop, °C. */
    public OptionalDouble gapAtDropC() {
        return drop.isPresent() && environment.dropC().isPresent()
                ? OptionalDouble.of(
                        environment.dropC().getAsDouble() - drop.get().beanC())
                : OptionalDouble.empty();
    }

    public Phases phases() {
        return Phases.of(turningPoint, dryEnd, firstCrack, drop);
    }

    private OptionalDouble difference(ToDoubleFunction<Milestone> of) {
        if (firstCrack.isEmpty() || drop.isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(of.applyAsDouble(drop.get()) - of.applyAsDouble(firstCrack.get()));
    }
}
