package barrowmist.server.cupping;

import barrowmist.core.cupping.TableProtocol;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.Optionals;
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
     */
    public record LaidSample(
            @Schema(example = "1") @Nullable Long roastId,
            @Nullable OutsideCoffee outside,
            @Schema(example = "1") @Nullable Integer times,
            @Nullable String treatment) {}

    /**
     * What stands at a place of a table that was shuffled by hand: one of what was laid.
     *
     * @param place from the left, 1 is the first
     * @param name of a coffee from outside
     */
    public record PlaceEntry(
            @Schema(example = "1") int place,
            @Schema(example = "1") @Nullable Long roastId,
            @Nullable String name,
            @Nullable String treatment) {}

    /** How the cups are prepared; what is left out is not known. */
    public record Preparation(
            @Schema(example = "8.25") @Nullable Double doseG,
            @Schema(example = "150") @Nullable Double waterMl,
            @Schema(example = "93") @Nullable Double waterC,
            @Schema(example = "150") @Nullable Double tdsPpm) {

        static Preparation of(TableProtocol p) {
            return new Preparation(
                    Optionals.orNull(p.doseG()),
                    Optionals.orNull(p.waterMl()),
                    Optionals.orNull(p.waterC()),
                    Optionals.orNull(p.tdsPpm()));
        }

        /** The same with this water and its dose, or with this dose and its water; as it is without either. */
        Preparation fitted(@Nullable Double toWaterMl, @Nullable Double toDoseG) {
            if (toWaterMl != null) {
                Preparation wanted = new Preparation(doseG, toWaterMl, waterC, tdsPpm);
                InputProblems.refuseIfAny(wanted.protocol().problems());
                return new Preparation(TableProtocol.doseFor(toWaterMl), toWaterMl, waterC, tdsPpm);
            }
            if (toDoseG != null) {
                Preparation wanted = new Preparation(toDoseG, waterMl, waterC, tdsPpm);
                InputProblems.refuseIfAny(wanted.protocol().problems());
                return new Preparation(toDoseG, TableProtocol.waterFor(toDoseG), waterC, tdsPpm);
            }
            return this;
        }

        TableProtocol protocol() {
            return new TableProtocol(
                    Optionals.of(doseG), Optionals.of(waterMl), Optionals.of(waterC), Optionals.of(tdsPpm));
        }
    }

    /**
     * A table as it is laid; all may be left out: now, 5 cups, open, no sample yet. {@code roastIds} alone is an open table.
     *
     * @param assessments sets of three that a triangle serves
     */
    public record CuppingEntry(
            @Nullable Instant cuppedAt,
            @Schema(example = "5") @Nullable Integer cups,
            @Schema(example = "[1]") @Nullable List<Long> roastIds,

            @Schema(allowableValues = {"scoring", "triage", "triangle", "roast-off"}) @Nullable
            String kind,

            @Schema(allowableValues = {"hundred-point", "value-assessment"}) @Nullable
            String form,

            @Schema(allowableValues = {"open", "coded", "underside"}) @Nullable
            String blind,

            @Schema(example = "18") @Nullable Integer assessments,
            @Nullable Preparation protocol,
            @Nullable List<LaidSample> samples) {

        public static CuppingEntry open(@Nullable Instant cuppedAt, @Nullable Integer cups, List<Long> roastIds) {
            return new CuppingEntry(cuppedAt, cups, roastIds, null, null, null, null, null, null);
        }
    }

    /** Whatever is to be said of a whole table. */
    public record NoteEntry(@Nullable String note) {}

    /** Why a table is revealed although something is unfinished. */
    public record RevealEntry(@Nullable String reason) {}
}
