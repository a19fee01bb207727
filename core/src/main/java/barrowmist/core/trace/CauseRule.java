package barrowmist.core.trace;

import barrowmist.core.units.Wording;
import java.util.Map;
import java.util.Optional;

/** What speaks for and against one cause, and what would mend it. Stateless. */
interface CauseRule {

    Cause cause();

    /**
     * Words that speak for this cause, each with what it adds when found in every cup (house defaults; which word points
     * where is common practice, no published source).
     */
    Map<String, Double> words();

    /** Weighs log, bench, green and time; the words are weighed for all causes alike by {@link CupRule}. */
    void weigh(TraceInput in, Wording wording, GatheredEvidence gathered);

    /** The one change for the next roast; empty when the log does not show where to make it. */
    Optional<Correction> correct(TraceInput in, Wording wording);
}
