package barrowmist.server.desk;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** The batches of a day on the wire. */
public final class DayBatchViews {

    private DayBatchViews() {}

    /** The batches of a day on one roaster. */
    public record DayBatches(List<DayBatch> batches, String drift) {}

    /** One of them; times are s since charge. */
    public record DayBatch(
            long roastId,
            @Nullable Long planId,
            String lotName,
            String chargedAt,
            @Nullable Double chargeC,
            @Nullable Double environmentC,
            @Nullable Double turningPointS,
            @Nullable Double dryEndS,
            @Nullable Double firstCrackS,
            @Nullable Double dropS) {}
}
