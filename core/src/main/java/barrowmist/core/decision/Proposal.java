package barrowmist.core.decision;

import java.util.List;

/**
 * What the program would do, and why; never a verdict.
 *
 * @param outcome {@link Outcome#UNDECIDED} where too little is known
 * @param reasons what decides it first
 */
public record Proposal(Outcome outcome, List<Reason> reasons) {}
