package barrowmist.core.plan;

/** How far beside its plan a roast is still on it, where the plan itself gives no tolerance (house defaults). */
public final class OnPlan {

    /** Beside the planned curve, °C. */
    public static final double CURVE_C = 3;

    /** Beside the temperature at which an event is met, °C. */
    public static final double EVENT_C = 2;

    private OnPlan() {}
}
