package barrowmist.core.roast;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where the gas stood, or the heating element, each value counted for as long as it was held; % of full. Empty where it was
 * not logged, or the stretch has no end.
 *
 * @param dryingPct from charge to dry end
 * @param browningPct from dry end to first crack
 * @param beforeCrackPct in the last minute before first crack
 * @param developmentPct from first crack to the drop
 */
public record GasFigures(
        OptionalDouble dryingPct,
        OptionalDouble browningPct,
        OptionalDouble beforeCrackPct,
        OptionalDouble developmentPct) {

    public static final GasFigures NONE = new GasFigures(
            OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    /** A part of the roast that the gas is told of. */
    public enum Stretch {
        DRYING,
        BROWNING,
        BEFORE_CRACK,
        DEVELOPMENT
    }

    static GasFigures of(Series gas, Optional<Milestone> dryEnd, Optional<Milestone> crack, Optional<Milestone> drop) {
        double dryS = dryEnd.map(Milestone::timeS).orElse(0.0);
        double crackS = crack.map(Milestone::timeS).orElse(0.0);
        double dropS = drop.map(Milestone::timeS).orElse(0.0);
        return new GasFigures(
                gas.heldMean(0, dryS),
                dryEnd.isPresent() ? gas.heldMean(dryS, crackS) : OptionalDouble.empty(),
                gas.heldMean(Math.max(0, crackS - RoastFigures.BEFORE_CRACK_S), crackS),
                crack.isPresent() ? gas.heldMean(crackS, dropS) : OptionalDouble.empty());
    }

    public OptionalDouble of(Stretch stretch) {
        return switch (stretch) {
            case DRYING -> dryingPct;
            case BROWNING -> browningPct;
            case BEFORE_CRACK -> beforeCrackPct;
            case DEVELOPMENT -> developmentPct;
        };
    }
}
