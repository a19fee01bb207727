package barrowmist.server.cupping;

import barrowmist.server.cupping.ClockViews.ClockView;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.cupping.HouseViews.WordView;
import barrowmist.server.cupping.SensoryViews.SetView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A table on the wire, as a cupper sees it who joined it. */
public final class SeatViews {

    private SeatViews() {}

    public record JoinEntry(
            @Schema(example = "ACD379") @Nullable String joinCode,
            @Schema(example = "Ines K.") @Nullable String cupper) {}

    /** @param token goes into the header {@code Authorization: Bearer …}, good until the reveal */
    public record JoinView(long cuppingId, String token) {}

    /**
     * A blind table with what is the cupper's own, and nothing that tells.
     *
     * @param codes in the order in which this cupper goes through them, so that none is always first
     * @param sheets the cupper's own
     * @param sets of a triangle: which are free
     * @param ranking the cupper's own order, best first; left out while there is none
     */
    public record SeatTableView(
            long id,

            @Schema(allowableValues = {"scoring", "triage", "triangle", "roast-off"})
            String kind,

            @Nullable String form,
            int cups,
            String cupper,
            List<String> codes,
            List<SheetView> sheets,
            List<SetView> sets,
            @Nullable List<String> ranking,
            ClockView clock,
            List<WordView> vocabulary) {}
}
