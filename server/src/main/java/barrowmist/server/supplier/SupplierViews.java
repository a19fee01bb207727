package barrowmist.server.supplier;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Suppliers on the wire. */
final class SupplierViews {

    private SupplierViews() {}

    /**
     * One figure of one lot at two stages.
     *
     * @param difference after minus before
     * @param sure whether this lot alone tells them apart: with so few sheets, or beyond what two samples and two meters give
     */
    record ComparedFigure(
            long lotId,
            String lotName,
            String figure,
            String unit,
            double before,
            double after,
            double difference,
            boolean sure) {}

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

    /** A figure over all lots of a supplier, in a sentence. */
    record OverallFigure(String figure, int lots, double mean, String text) {}

    /** A supplier over time, the newest lot first. */
    record SupplierView(
            String name,
            List<SupplierLot> lots,
            @Nullable Double meanDaysToDecide,
            List<OverallFigure> overall,
            List<ComparedFigure> compared) {}
}
