package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.HouseLines;
import barrowmist.core.cupping.HouseProtocol;
import barrowmist.core.cupping.Reference;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordGroup;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The house's words, lines and scales on the wire. */
public final class HouseViews {

    private HouseViews() {}

    /**
     * A word of the vocabulary.
     *
     * @param column of its group on the map of words, from 0: from little heat to much
     * @param row of its group, from 0: from what is sought to what is a fault
     * @param own whether it is the house's own
     * @param reference what may be put out to remember it by
     */
    public record WordView(
            String word,
            String group,
            String pointsTo,
            int column,
            int row,
            List<String> alsoFoundBy,
            boolean own,
            @Nullable String reference) {
        static WordView of(Vocabulary.Word w, List<String> ofTheHouse) {
            return view(
                    w.word(),
                    w.group(),
                    Stream.concat(w.alsoFoundBy().stream(), ofTheHouse.stream()).toList(),
                    false);
        }

        private static WordView view(String word, WordGroup group, List<String> alsoFoundBy, boolean own) {
            return new WordView(
                    word,
                    group.label(),
                    group.pointsTo(),
                    group.column(),
                    group.row(),
                    alsoFoundBy,
                    own,
                    Reference.of(word).orElse(null));
        }

        static WordView of(LabWordEntity w) {
            return view(w.word(), w.group(), List.of(), true);
        }
    }

    /** A word that cuppers wrote and that stands in no vocabulary. */
    public record OwnWordView(String word, int times) {}

    /**
     * A word to take into the vocabulary.
     *
     * @param sameAs a word of the program's that means the same; the trace reads it so
     * @param group where it belongs, for a word that means something of its own
     */
    public record WordEntry(
            @Schema(example = "biscuit") @Nullable String word,
            @Schema(example = "bready") @Nullable String sameAs,
            @Nullable WordGroup group) {}

    /** What the house asks of a cup, as kept. */
    public record KeptCupLines(
            @JsonUnwrapped HouseLines lines, @Nullable Long version) {}

    /** The house's own scales of 0 to 10, as kept. */
    public record KeptHouseScales(
            @Schema(example = "[\"brightness\",\"fruit\"]") @Nullable
            List<String> names,

            @Nullable Long version) {}

    /**
     * A way to prepare a table, under a name of the house.
     *
     * @param form on which it is written down; left out where that is left as it is
     * @param reason what so many cups are for; only in answers
     */
    public record HouseProtocolView(
            @Schema(example = "Three cups") String name,
            @Schema(example = "3") int cups,

            @Nullable CuppingForm form,

            Preparation preparation,
            @Nullable String reason) {

        static HouseProtocolView of(HouseProtocol p) {
            return new HouseProtocolView(p.name(), p.cups(), p.form().orElse(null), Preparation.of(p.protocol()), null);
        }

        HouseProtocol protocol() {
            return new HouseProtocol(
                    name == null ? "" : name.strip(),
                    cups,
                    TableReader.scored(form),
                    preparation == null ? TableProtocol.unsaid() : preparation.protocol());
        }

        private HouseProtocolView explained() {
            return new HouseProtocolView(
                    name,
                    cups,
                    form,
                    preparation == null ? Preparation.of(TableProtocol.unsaid()) : preparation.worked(),
                    HouseProtocol.reason(cups));
        }
    }

    /** The house's protocols, as kept. */
    public record KeptProtocols(
            @Nullable List<HouseProtocolView> protocols,
            @Nullable Long version) {

        static KeptProtocols of(List<HouseProtocolView> all, long version) {
            return new KeptProtocols(
                    all.stream().map(HouseProtocolView::explained).toList(), version);
        }
    }
}
