package barrowmist.core.plan;

import barrowmist.core.roast.EventKind;

/** When a control is moved. */
public sealed interface Trigger {

    /** At a time, s since charge. */
    record AtTime(double timeS) implements Trigger {}

    /** When the bean probe, rising, reads {@code beanC}, °C. */
    record AtBean(double beanC) implements Trigger {}

    /** So many seconds after an event: turning point, dry end or first crack. */
    record AtEvent(EventKind event, double afterS) implements Trigger {}
}
