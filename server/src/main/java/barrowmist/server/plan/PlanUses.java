package barrowmist.server.plan;

import java.util.List;

/** Knows what stands on a plan; each room that keeps the number of a plan implements it. */
public interface PlanUses {

    /** What would be left without its plan, each as words such as {@code the day of 3 March 2026}; empty where nothing would. */
    List<String> of(long planId);
}
