package barrowmist.server.roast;

/** Which plans were approved for production. */
public interface ApprovedPlans {

    boolean holds(long planId);
}
