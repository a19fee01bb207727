package barrowmist.server.day;

import barrowmist.core.day.Batches;
import barrowmist.core.green.Process;
import barrowmist.core.rest.RestSchool;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A day of roasting on the wire. Clock times are those of the shop. */
public final class DayViews {

    private DayViews() {}

    /**
     * What a day is made of.
     *
     * @param machineId the roaster
     * @param lit when the drum is lit
     * @param items plans in order
     * @param rest the school of resting
     */
    public record DayContent(
            @Nullable Long machineId,
            @Schema(type = "string", example = "08:00") LocalTime lit,
            List<DayItem> items,
            RestSchool rest) {

        /** The same with other plans. */
        DayContent with(List<DayItem> other) {
            return new DayContent(machineId, lit, other, rest);
        }
    }

    /** A plan in a day; not charged before {@code notBefore} when that is given. */
    public record DayItem(
            long planId,

            @Schema(type = "string", example = "10:15") @Nullable
            LocalTime notBefore) {}

    /** A day to be kept; {@code version} is the one it was made from, 0 for a new day. */
    public record DayChange(@Nullable Long version, DayContent content) {}

    /**
     * A day with its times.
     *
     * @param warmUpS preheating, s
     * @param warmUpBatchAt when the warm-up batch is charged; left out when there is none
     * @param warmUpBatchDropAt and when it is dropped
     * @param laterC how much higher later batches are charged than the first, °C
     */
    public record DayView(
            LocalDate date,
            long version,
            DayContent content,
            @Nullable String machineName,
            double warmUpS,
            @Nullable LocalDateTime warmUpBatchAt,
            @Nullable LocalDateTime warmUpBatchDropAt,
            double laterC,
            double turnaroundS,
            List<SlotView> slots,
            int chargeChanges,
            int settlings,
            @Nullable LocalDateTime endsAt,
            @Nullable RestView rest) {}

    /** One roast of the day; {@code settleS} is what its charge adds to the turnaround, {@code roastId} the roast it became. */
    public record SlotView(
            long planId,
            long greenSampleId,
            String lotName,
            Process process,
            String stage,
            double chargeC,
            double greenG,
            double roastS,
            LocalDateTime chargeAt,
            LocalDateTime dropAt,
            double settleS,
            @Schema(type = "string") @Nullable LocalTime notBefore,
            @Nullable Long roastId) {}

    /** When all samples of the day can be cupped on one table; {@code together} is false when never. */
    public record RestView(boolean together, LocalDateTime opensAt, LocalDateTime closesAt, String text) {}

    /** Production batches wanted. */
    public record BatchesEntry(
            long machineId,
            @Schema(example = "4.2") double roastedKg,
            @Schema(example = "500") double batchG,
            @Schema(example = "15.5") double lossPct,
            @Schema(example = "600") double roastS,
            @Nullable Double turnaroundS,
            @Nullable LocalDateTime startsAt) {}

    /** How many batches, how much green, and when they are done. */
    public record BatchesView(
            @JsonUnwrapped Batches batches, @Nullable LocalDateTime finishesAt) {}
}
