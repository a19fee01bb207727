package barrowmist.core.plan;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastFigures;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What a roast aims at.
 *
 * @param aims the figures aimed at, each with its tolerance; any may be left out
 * @param developmentFrom where development is counted from
 * @param aim what the roast is made for
 */
public record Targets(Map<KeyFigure, Aim> aims, DevelopmentFrom developmentFrom, RoastAim aim) {

    /** Of a sample that is roasted by the protocol. */
    public Targets(Map<KeyFigure, Aim> aims, DevelopmentFrom developmentFrom) {
        this(aims, developmentFrom, RoastAim.PROTOCOL_SAMPLE);
    }

    /** Two schools count differently (common practice, no published source). */
    public enum DevelopmentFrom {
        FIRST_CRACK,
        /** Flavour is built from yellow on: browning and development together. */
        DRY_END
    }

    public Targets {
        aims = Map.copyOf(aims);
    }

    /** A figure of a roast as these targets count it. */
    public OptionalDouble figure(KeyFigure figure, RoastFigures roast) {
        OptionalDouble value = figure.of(roast);
        if (figure != KeyFigure.DEVELOPMENT_PCT || developmentFrom == DevelopmentFrom.FIRST_CRACK) {
            return value;
        }
        OptionalDouble browning = KeyFigure.BROWNING_PCT.of(roast);
        return value.isPresent() && browning.isPresent()
                ? OptionalDouble.of(value.getAsDouble() + browning.getAsDouble())
                : OptionalDouble.empty();
    }

    /** The same, made for something else. */
    public Targets madeFor(RoastAim other) {
        return new Targets(aims, developmentFrom, other);
    }

    /** The same with one aim set or replaced. */
    public Targets with(KeyFigure figure, Aim aim) {
        Map<KeyFigure, Aim> changed = new EnumMap<>(KeyFigure.class);
        changed.putAll(aims);
        changed.put(figure, aim);
        return new Targets(changed, developmentFrom, this.aim);
    }
}
