package barrowmist.server.store;

import barrowmist.core.decision.Contract;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The store and contracts on the wire. */
public final class StoreViews {

    private StoreViews() {}

    /**
     * What else is known of a lot; each may be left out.
     *
     * @param bags how many came
     * @param price for a kilo
     * @param soldKg sold green, or gone otherwise than through a roaster
     * @param storageC of the store, °C
     * @param storageRhPct relative humidity of the store, per cent
     */
    public record StoreEntry(
            @Nullable Long version,
            @Nullable String farm,
            @Nullable String variety,
            @Nullable String processDetail,
            @Nullable Integer bags,
            @Nullable Double price,
            @Schema(example = "EUR") @Nullable String currency,
            @Nullable Double soldKg,
            @Nullable Double storageC,
            @Nullable Double storageRhPct) {

        static final StoreEntry NONE = new StoreEntry(null, null, null, null, null, null, null, null, null, null);
    }

    /** A lot measured again. */
    public record CheckEntry(
            @Nullable LocalDate on,
            @Nullable Double moisturePct,
            @Nullable Double waterActivity,
            @Nullable String smell,
            @Nullable Double storageC,
            @Nullable Double storageRhPct) {}

    /** The same with who did it. */
    public record CheckView(long id, CheckEntry check, String by) {}

    /** Bags to be drawn from; as many as is usual when {@code count} is left out. */
    public record DrawEntry(
            @Nullable Integer bags, @Nullable Integer count) {}

    /** Bags that a sample was drawn from. */
    public record DrawView(LocalDate on, int ofBags, List<Integer> bags, String by) {}

    /**
     * A lot in the store.
     *
     * @param kgLeft what came, less what was roasted and what was sold
     * @param keeps how it keeps, a sentence
     * @param climate what the air of the store does to it; left out where nothing is to be said
     * @param nextCheckOn when it is to be measured again
     */
    public record StoreView(
            long lotId,
            StoreEntry details,
            long version,
            double arrivedKg,
            double roastedKg,
            double kgLeft,
            List<CheckView> checks,
            String keeps,
            @Nullable String climate,
            LocalDate nextCheckOn,
            boolean checkDue,
            List<DrawView> draws) {}

    /**
     * What was agreed; each point may be left out, and then the house's own limits hold.
     *
     * @param version of what is changed; one that names none is taken
     */
    public record ContractTerms(
            @JsonUnwrapped Contract contract, @Nullable Long version) {}

    /**
     * The contract of a lot.
     *
     * @param own of this lot
     * @param supplier what every lot of its supplier begins with
     * @param holds both together: the lot's own points first
     */
    public record ContractView(long lotId, ContractTerms own, ContractTerms supplier, ContractTerms holds) {}
}
