package barrowmist.server.green;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A lot on the wire. */
public record LotView(
        long id,
        String name,
        String supplier,
        String origin,
        String process,
        LocalDate arrivalDate,
        double kg,
        @Nullable Double moisturePct,
        @Nullable Double densityGPerL,
        @Nullable String screen,
        long roasts) {}
