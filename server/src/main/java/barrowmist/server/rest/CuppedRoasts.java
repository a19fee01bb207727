package barrowmist.server.rest;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/** What was cupped, for the shelf. The cupping room implements it, so that the shelf need not know that room. */
public interface CuppedRoasts {

    /** A mean of the final scores of a roast at one table. */
    record ScoreAt(Instant cuppedAt, double score) {}

    /** Those of these roasts that have a sheet. */
    Set<Long> cupped(Collection<Long> roastIds);

    /** Scores of one roast, a table each. */
    List<ScoreAt> scores(long roastId);
}
