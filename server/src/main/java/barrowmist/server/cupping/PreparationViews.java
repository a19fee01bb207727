package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.Reference;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.SensoryViews.ServedSet;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What whoever prepares a table needs, on the wire. */
public final class PreparationViews {

    private PreparationViews() {}

    /**
     * A sample to weigh out, in grinding order.
     *
     * @param code its code; of shuffled cups the mark that goes under them
     * @param doseG in each cup
     * @param cups of it
     * @param purgeG through the grinder before
     * @param totalG in all
     */
    public record WeighedSample(
            String code, @Nullable Long roastId, String what, double doseG, int cups, double purgeG, double totalG) {}

    /**
     * The preparation sheet of a table. On a blind one it is a look at the key.
     *
     * @param steps what is to be done, in order
     * @param things to put out, for the words asked for
     */
    public record PreparationView(
            long id,
            Instant cuppedAt,
            TableKind kind,
            Blindness blind,
            List<WeighedSample> samples,
            List<ServedSet> sets,
            List<String> steps,
            List<String> warnings,
            List<String> cautions,
            List<Reference.Thing> things) {}
}
