package barrowmist.server.roast;

import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastKind;
import barrowmist.core.roast.RoastLog;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A roast that the desk logged.
 *
 * @param log readings, on a clock on which {@code events} are too
 * @param pulls what was drawn from it, on that clock too
 * @param greenG what was weighed in, g; null where it was not
 */
public record LiveKeep(
        long greenSampleId,
        long machineId,
        @Nullable Long planId,
        MadeFor made,
        RoastKind kind,
        Instant roastedAt,
        RoastLog log,
        RoastEvents events,
        @Nullable Double greenG,
        List<Pull> pulls,
        DeskRecord desk) {}
