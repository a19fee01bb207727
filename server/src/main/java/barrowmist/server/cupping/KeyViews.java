package barrowmist.server.cupping;

import barrowmist.server.cupping.SensoryViews.ServedSet;
import barrowmist.server.cupping.TableViews.RestWarning;
import barrowmist.server.cupping.TableViews.TableSampleView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The key of a table on the wire. */
public final class KeyViews {

    private KeyViews() {}

    /** What stands under which code, and in the cups of a triangle's sets. */
    public record TableKey(List<TableSampleView> samples, List<ServedSet> sets, List<RestWarning> warnings) {}

    /**
     * A key that somebody put away from themselves.
     *
     * @param brokenAt when it was fetched all the same; left out while it is put away
     * @param by who fetched it; left out in a lab without accounts
     */
    public record SealView(
            Instant sealedAt,
            @Nullable Instant brokenAt,
            @Nullable String by,
            @Nullable String reason) {

        static @Nullable SealView of(Blinding b) {
            Instant at = b.sealedAt();
            return at == null ? null : new SealView(at, b.sealBrokenAt(), b.sealBrokenBy(), b.sealReason());
        }
    }
}
