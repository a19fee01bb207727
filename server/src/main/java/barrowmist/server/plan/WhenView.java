package barrowmist.server.plan;

import barrowmist.core.check.Coded;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import org.jspecify.annotations.Nullable;

/**
 * When a control is moved.
 *
 * @param timeS for {@code time}: s since charge
 * @param beanC for {@code bean}: rising probe, °C
 * @param event for {@code event}: turning_point, dry_end or first_crack
 * @param afterS for {@code event}: s after it
 * @param environmentC for {@code environment-falling} and {@code environment-rising}: that probe, °C
 * @param beforeS for {@code before}: s before the event, dry_end or first_crack
 * @param cPerMin for {@code rate}: rate of rise that it has fallen to, °C/min
 */
public record WhenView(
        Kind kind,
        @Nullable Double timeS,
        @Nullable Double beanC,
        @Nullable EventKind event,
        @Nullable Double afterS,
        @Nullable Double environmentC,
        @Nullable Double beforeS,
        @Nullable Double cPerMin) {

    /** What a move waits for. */
    public enum Kind implements Coded {
        TIME("at a time"),
        BEAN("at a bean temperature"),
        EVENT("after an event"),
        BEFORE("before a foretold event"),
        ENVIRONMENT_FALLING("when the environment has fallen"),
        ENVIRONMENT_RISING("when the environment has risen"),
        RATE("when the rate of rise has fallen");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** One of the first three kinds. */
    WhenView(
            Kind kind,
            @Nullable Double timeS,
            @Nullable Double beanC,
            @Nullable EventKind event,
            @Nullable Double afterS) {
        this(kind, timeS, beanC, event, afterS, null, null, null);
    }

    static WhenView of(Trigger trigger) {
        if (trigger instanceof Trigger.AtTime at) {
            return new WhenView(Kind.TIME, at.timeS(), null, null, null);
        }
        if (trigger instanceof Trigger.AtBean at) {
            return new WhenView(Kind.BEAN, null, at.beanC(), null, null);
        }
        if (trigger instanceof Trigger.AtEnvironment at) {
            Kind kind = at.falling() ? Kind.ENVIRONMENT_FALLING : Kind.ENVIRONMENT_RISING;
            return new WhenView(kind, null, null, null, null, at.environmentC(), null, null);
        }
        if (trigger instanceof Trigger.BeforeEvent before) {
            return new WhenView(Kind.BEFORE, null, null, before.event(), null, null, before.beforeS(), null);
        }
        if (trigger instanceof Trigger.AtRate at) {
            return new WhenView(Kind.RATE, null, null, null, null, null, null, at.cPerMin());
        }
        Trigger.AtEvent at = (Trigger.AtEvent) trigger;
        return new WhenView(Kind.EVENT, null, null, at.event(), at.afterS());
    }
}
