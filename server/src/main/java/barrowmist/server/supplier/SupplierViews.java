package barrowmist.server.supplier;

import barrowmist.core.decision.SupplierRecord.Compared;
import barrowmist.core.decision.SupplierRecord.Overall;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Suppliers on the wire. */
final class SupplierViews {

    private SupplierViews() {}

    /** A supplier in the list. */
    record SupplierRow(String name, int lots, int bought, int rejected, int claimed, int undecided) {}

    /**
     * A lot of a supplier.
     *
     * @param daysToDecide from the arrival; left out while it is not decided
     */
    record SupplierLot(
            long lotId,
            String lotName,
            LocalDate arrivalDate,
            double kg,
            String outcome,
            String label,
            @Nullable Double score,
            @Nullable Long daysToDecide) {}

    /** A supplier over time, the newest lot first. */
    record SupplierView(
            String name,
            List<SupplierLot> lots,
            @Nullable Double meanDaysToDecide,
            List<Overall> overall,
            List<Compared> compared) {}
}
