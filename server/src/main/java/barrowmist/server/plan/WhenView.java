package barrowmist.server.plan;

import barrowmist.core.plan.Trigger;
import io.swagger.v3.oas.annotations.media.Schema;
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
        @Schema(
                allowableValues = {
                    "time",
                    "bean",
                    "event",
                    "before",
                    "environment-falling",
                    "environment-rising",
                    "rate"
                })
        String kind,

        @Nullable Double timeS,
        @Nullable Double beanC,
        @Nullable String event,
        @Nullable Double afterS,
        @Nullable Double environmentC,
        @Nullable Double beforeS,
        @Nullable Double cPerMin) {

    /** One of the first three kinds. */
    WhenView(
            String kind,
            @Nullable Double timeS,
            @Nullable Double beanC,
            @Nullable String event,
            @Nullable Double afterS) {
        this(kind, timeS, beanC, event, afterS, null, null, null);
    }

    static WhenView of(Trigger trigger) {
        if (trigger instanceof Trigger.AtTime at) {
            return new WhenView("time", at.timeS(), null, null, null);
        }
        if (trigger instanceof Trigger.AtBean at) {
            return new WhenView("bean", null, at.beanC(), null, null);
        }
        if (trigger instanceof Trigger.AtEnvironment at) {
            String kind = at.falling() ? "environment-falling" : "environment-rising";
            return new WhenView(kind, null, null, null, null, at.environmentC(), null, null);
        }
        if (trigger instanceof Trigger.BeforeEvent before) {
            return new WhenView("before", null, null, before.event().code(), null, null, before.beforeS(), null);
        }
        if (trigger instanceof Trigger.AtRate at) {
            return new WhenView("rate", null, null, null, null, null, null, at.cPerMin());
        }
        Trigger.AtEvent at = (Trigger.AtEvent) trigger;
        return new WhenView("event", null, null, at.event().code(), at.afterS());
    }
}
