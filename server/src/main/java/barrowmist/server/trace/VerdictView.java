package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import java.time.Instant;

/** What the lead held of a cup, by whom and when; {@code none} where the cup has no cause. */
public record VerdictView(String cause, String label, String reason, String by, Instant at) {
    static VerdictView of(VerdictEntity v) {
        String label = Cause.parse(v.cause()).map(Cause::label).orElse("none of the causes");
        return new VerdictView(v.cause(), label, v.reason(), v.givenBy(), v.givenAt());
    }
}
