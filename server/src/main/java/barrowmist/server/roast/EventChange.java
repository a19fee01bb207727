package barrowmist.server.roast;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One correction of an event after the roast.
 *
 * @param at when it was made
 * @param kind which event
 * @param fromS where it stood, s since the charge of that moment; left out when it was not there
 * @param toS where it was put; left out when it was removed
 */
public record EventChange(
        Instant at,
        String kind,
        @Nullable Double fromS,
        @Nullable Double toS) {}
