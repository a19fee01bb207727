package barrowmist.server.trace;

import barrowmist.core.trace.TraceRules;
import barrowmist.server.trace.RuleViews.ChangedProposal;
import java.util.List;

/** What other rules would propose for the lots. The room of the decision implements it, so that the trace need not know it. */
public interface LotProposals {

    /** The newest lots for which something else would be proposed. */
    List<ChangedProposal> changed(TraceRules now, TraceRules then);
}
