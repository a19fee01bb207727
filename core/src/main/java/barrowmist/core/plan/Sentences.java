package barrowmist.core.plan;

import barrowmist.core.roast.Clock;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.KeyFigure.Unit;
import barrowmist.core.units.Wording;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * How the plan's figures and triggers are put into words.
 *
 * @param wording the reader's units
 */
record Sentences(Wording wording) {

    String value(Unit unit, double value) {
        return switch (unit) {
            case SECONDS -> Clock.text(value);
            case CELSIUS -> wording.temperature(value);
            case PERCENT -> String.format(Locale.ROOT, "%.1f %%", value);
            case CELSIUS_PER_MINUTE -> wording.rate(value);
        };
    }

    String missed(KeyFigure figure, Aim aim, OptionalDouble value) {
        String wanted = value(figure.unit(), aim.value());
        return value.isPresent()
                ? "%s comes to %s instead of %s"
                        .formatted(Wording.capital(figure.label()), value(figure.unit(), value.getAsDouble()), wanted)
                : "%s of %s is never reached".formatted(Wording.capital(figure.label()), wanted);
    }

    String when(Trigger trigger) {
        if (trigger instanceof Trigger.AtTime at) {
            return "at " + Clock.text(at.timeS());
        }
        if (trigger instanceof Trigger.AtBean at) {
            return "when the beans read " + wording.temperature(at.beanC());
        }
        if (trigger instanceof Trigger.AtEnvironment at) {
            return "when the environment has %s %s"
                    .formatted(at.falling() ? "fallen to" : "risen to", wording.temperature(at.environmentC()));
        }
        if (trigger instanceof Trigger.BeforeEvent before) {
            return "%s before %s"
                    .formatted(Clock.text(before.beforeS()), before.event().label());
        }
        if (trigger instanceof Trigger.AtRate at) {
            return "when the rate of rise has fallen to " + wording.rate(at.cPerMin());
        }
        Trigger.AtEvent at = (Trigger.AtEvent) trigger;
        return at.afterS() == 0
                ? "at " + at.event().label()
                : "%s after %s".formatted(Clock.text(at.afterS()), at.event().label());
    }
}
