package barrowmist.server.desk;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.EventKind;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** What a person does at the desk, on the wire. */
public final class DeskEntries {

    private DeskEntries() {}

    /** What is prepared. Without a plan the sample is needed; {@code greenG} is what was weighed in. */
    public record PrepareEntry(
            @Nullable Long greenSampleId,
            @Nullable Long planId,
            @Nullable Double greenG,
            @Schema(example = "2") @Nullable Integer batch,
            @Schema(example = "6") @Nullable Integer batches) {}

    /**
     * A key that was pressed.
     *
     * @param kind an event, such as {@code first_crack}
     * @param agoS how long ago, s: a screen that was off the network sends its keys late
     */
    public record PressEntry(
            @Nullable EventKind kind, @Nullable Double agoS) {}

    /** What a person sets or weighs at the desk. */
    public enum ValueKind implements Coded {
        GAS,
        AIR,
        DRUM,
        /** What a trier drew, g. */
        PULL,
        /** Whether the batch is the warm-up of its day: 1 or 0. */
        WARM_UP
    }

    /** A control as it was set by hand: %, the drum 1/min. */
    public record ControlEntry(
            @Nullable ValueKind control,

            double value,
            @Nullable Double agoS) {}

    /** A line to remember. */
    public record NoteEntry(String text, @Nullable Double agoS) {}

    /** Temperatures read off by a person, °C. */
    public record TypedReading(
            @Nullable Double beanC,
            @Nullable Double environmentC,
            @Nullable Double agoS) {}

    /** What was weighed in, g. */
    public record WeighedEntry(double greenG) {}
}
