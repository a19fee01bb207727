package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is to be laid, on the wire. */
public final class TableEntries {

    private TableEntries() {}

    /** A coffee without a log of ours. */
    public record OutsideCoffee(
            @Schema(example = "Bag from the corner shop") String name,
            @Schema(example = "another roastery") @Nullable String from,
            @Nullable LocalDate roastedOn) {}

    /**
     * A sample as it is laid: a roast or a coffee from outside.
     *
     * @param times under how many codes; 2 makes a hidden pair
     * @param treatment what was done to it, such as "quakers picked out"
     * @param entrant whose entry it is in a roast-off
     */
    public record LaidSample(
            @Schema(example = "1") @Nullable Long roastId,
            @Nullable OutsideCoffee outside,
            @Schema(example = "1") @Nullable Integer times,
            @Nullable String treatment,
            @Nullable String entrant) {

        /** A roast of ours, as it is or with something done to it. */
        public static LaidSample ofRoast(long roastId, @Nullable String treatment) {
            return new LaidSample(roastId, null, null, treatment, null);
        }

        /** A coffee from outside. */
        public static LaidSample outside(String name, int times) {
            return new LaidSample(null, new OutsideCoffee(name, null, null), times, null, null);
        }

        /** The same as somebody's entry. */
        public LaidSample by(String name) {
            return new LaidSample(roastId, outside, times, treatment, name);
        }
    }

    /**
     * What stands at a place of a table that was shuffled by hand: one of what was laid.
     *
     * @param set of a triangle
     * @param place from the left, 1 is the first
     * @param mark what stands under the cup; instead of the rest
     * @param name of a coffee from outside
     */
    public record PlaceEntry(
            @Schema(example = "1") @Nullable Integer set,
            @Schema(example = "1") int place,
            @Schema(example = "KV") @Nullable String mark,
            @Schema(example = "1") @Nullable Long roastId,
            @Nullable String name,
            @Nullable String treatment) {}

    /**
     * A table as it is laid; all may be left out: now, 5 cups, open, no sample yet. {@code roastIds} alone is an open table.
     *
     * @param assessments sets of three that a triangle serves
     * @param choice what is asked at a roast-off: all in order, or the best alone
     */
    public record CuppingEntry(
            @Nullable Instant cuppedAt,
            @Schema(example = "5") @Nullable Integer cups,
            @Schema(example = "[1]") @Nullable List<Long> roastIds,

            @Nullable TableKind kind,

            @Nullable CuppingForm form,

            @Nullable Blindness blind,

            @Schema(example = "18") @Nullable Integer assessments,

            @Nullable Choice choice,

            @Nullable Preparation protocol,
            @Nullable List<LaidSample> samples) {

        /** Scored now by codes, 5 cups each, in an order that is drawn. */
        public static CuppingEntry blind(List<Long> roastIds) {
            List<LaidSample> samples =
                    roastIds.stream().map(id -> LaidSample.ofRoast(id, null)).toList();
            return blindOf(samples);
        }

        /** The same of whatever is laid. */
        public static CuppingEntry blindOf(List<LaidSample> samples) {
            return new CuppingEntry(
                    null, null, null, TableKind.SCORING, null, Blindness.CODED, null, null, null, samples);
        }

        public static CuppingEntry open(@Nullable Instant cuppedAt, @Nullable Integer cups, List<Long> roastIds) {
            return new CuppingEntry(cuppedAt, cups, roastIds, null, null, null, null, null, null, null);
        }
    }

    /**
     * Whatever is to be said of a whole table.
     *
     * @param before what stood there when it was written; where that has changed, nothing is kept
     */
    public record NoteEntry(@Nullable String note, @Nullable String before) {}

    /** Why a key that was put away is fetched all the same. */
    public record SealEntry(
            @Schema(example = "A bowl was knocked over") @Nullable
            String reason) {}

    /** Why a table is revealed although something is unfinished. */
    public record RevealEntry(@Nullable String reason) {}
}
