package barrowmist.core.plan;

import barrowmist.core.roast.EventKind;
import barrowmist.core.units.Wording;

/** When a control is moved. */
public sealed interface Trigger {

    /** In words, such as {@code 0:20 after first crack}. */
    default String text(Wording wording) {
        return new Sentences(wording).when(this);
    }

    /** At a time, s since charge. */
    record AtTime(double timeS) implements Trigger {}

    /** When the bean probe, rising, reads {@code beanC}, °C. */
    record AtBean(double beanC) implements Trigger {}

    /** So many seconds after an event: turning point, dry end or first crack. */
    record AtEvent(EventKind event, double afterS) implements Trigger {}

    /** When the environment probe has come to {@code environmentC}, °C: from above after charge, when {@code falling}. */
    record AtEnvironment(double environmentC, boolean falling) implements Trigger {}

    /** So many seconds before an event that is foretold: dry end or first crack. */
    record BeforeEvent(EventKind event, double beforeS) implements Trigger {}

    /** When the rate of rise, past its peak, has fallen to {@code cPerMin}, °C/min. */
    record AtRate(double cPerMin) implements Trigger {}
}
