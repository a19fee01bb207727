package barrowmist.core.roast;

/**
 * What a roast was made for, with the limits that it is judged by: those of its aim, or, where it was made for something of
 * its own, those of the plan that it followed.
 *
 * @param aim what for
 * @param limits what is right for it
 */
public record MadeFor(RoastAim aim, RoastAim.Limits limits) {

    /** With the limits of the aim itself. */
    public static MadeFor of(RoastAim aim) {
        return new MadeFor(aim, aim.limits());
    }

    /** Whether a time is asked of it. */
    public boolean timed() {
        return limits.shortestS() > RoastAim.OWN.limits().shortestS()
                || limits.longestS() < RoastAim.OWN.limits().longestS();
    }

    /** Whether a weight loss is asked of it. */
    public boolean weighed() {
        return limits.leastLossPct() > RoastAim.OWN.limits().leastLossPct();
    }

    /** Whether a colour is asked of it. */
    public boolean coloured() {
        return limits.lightestColour() < RoastAim.OWN.limits().lightestColour();
    }
}
