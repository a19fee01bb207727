package barrowmist.core.plan;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastFigures;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
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
    public enum DevelopmentFrom implements Coded {
        FIRST_CRACK("first crack"),
        /** Flavour is built from yellow on: browning and development together. */
        DRY_END("dry end");

        private final String label;

        DevelopmentFrom(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
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

    /** What a roast is held to that is made for something of its own: the figures that it aims at, with their tolerances. */
    public MadeFor madeFor() {
        RoastAim.Limits l = aim.limits();
        if (aim != RoastAim.OWN) {
            return MadeFor.of(aim);
        }
        Optional<Aim> total = Optional.ofNullable(aims.get(KeyFigure.TOTAL_S));
        Optional<Aim> browning = Optional.ofNullable(aims.get(KeyFigure.BROWNING_PCT));
        Optional<Aim> rate = Optional.ofNullable(aims.get(KeyFigure.ROR_AT_FIRST_CRACK));
        Optional<Aim> developed = Optional.ofNullable(aims.get(KeyFigure.DEVELOPMENT_PCT))
                .filter(a -> developmentFrom == DevelopmentFrom.FIRST_CRACK);
        return new MadeFor(
                aim,
                new RoastAim.Limits(
                        total.map(Aim::least).orElse(l.shortestS()),
                        total.map(Aim::most).orElse(l.longestS()),
                        l.leastLossPct(),
                        l.mostLossPct(),
                        l.darkestColour(),
                        l.lightestColour(),
                        browning.map(Aim::most).orElse(l.longBrowningPct()),
                        developed.map(Aim::least).orElse(l.shortDevelopmentPct()),
                        developed.map(Aim::value).orElse(l.enoughDevelopmentPct()),
                        developed.map(Aim::value).orElse(l.targetDevelopmentPct()),
                        l.fewDegreesC(),
                        rate.map(Aim::most).orElse(l.fastAtFirstCrackCPerMin())));
    }

    /** The same with one aim set or replaced. */
    public Targets with(KeyFigure figure, Aim aim) {
        Map<KeyFigure, Aim> changed = new EnumMap<>(KeyFigure.class);
        changed.putAll(aims);
        changed.put(figure, aim);
        return new Targets(changed, developmentFrom, this.aim);
    }
}
