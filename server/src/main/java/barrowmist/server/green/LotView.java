package barrowmist.server.green;

import barrowmist.core.green.Process;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A lot on the wire: as it was entered, and as its newest sample says.
 *
 * @param reworkedOn when it was last sorted again or milled anew; left out for a lot as it came
 * @param rework what was done then
 */
public record LotView(
        long id,
        String name,
        String supplier,
        String origin,
        Process process,
        LocalDate arrivalDate,
        double kg,
        @Nullable Double moisturePct,
        @Nullable Double densityGPerL,
        @Nullable String screen,
        @Nullable String supplierNotes,
        @Nullable LocalDate reworkedOn,
        @Nullable String rework,
        long roasts,
        long version,
        @Nullable NewestSample newest) {

    /** What is known by the newest sample that was inspected, and which that is. */
    public record NewestSample(
            long greenSampleId,
            String stage,
            LocalDate receivedOn,
            @Nullable Double moisturePct,
            @Nullable Double densityGPerL,
            @Nullable String screen) {}
}
