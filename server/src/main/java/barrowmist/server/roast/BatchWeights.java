package barrowmist.server.roast;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Keeps the weights that came with a log. The bench implements it, so that the roast need not know the bench. */
public interface BatchWeights {

    /**
     * @param greenG mass in, g; null where not weighed
     * @param roastedG mass out, g; null where not weighed
     */
    void keep(RoastEntity roast, @Nullable Double greenG, @Nullable Double roastedG);

    /** What was weighed in of these roasts, g; those that were not weighed are left out. */
    List<Double> greenG(Collection<Long> roastIds);

    /** Forgets what was kept for a roast that goes. */
    void forget(RoastEntity roast);
}
