package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.Drink;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.ClockViews.ClockView;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.cupping.HouseViews.WordView;
import barrowmist.server.cupping.PreferenceViews.GuessEntry;
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
     * @param party with whom they came, as said with the order
     * @param choice what is asked at a roast-off: all in order, or the best alone
     * @param guess of the green, the cupper's own
     * @param serving how it is drunk
     * @param lately words that were written most at tables that may be told
     */
    public record SeatTableView(
            long id,
            TableKind kind,
            @Nullable CuppingForm form,
            int cups,
            String cupper,
            List<String> codes,
            List<SheetView> sheets,
            List<SetView> sets,
            @Nullable List<String> ranking,
            RankingEntity.@Nullable Party party,

            @Nullable Choice choice,
            @Nullable GuessEntry guess,
            Drink.Serving serving,
            ClockView clock,
            List<WordView> vocabulary,
            List<String> lately) {}
}
