package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.TrianglePlan;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** Tests of difference and of preference on the wire. */
public final class SensoryViews {

    private SensoryViews() {}

    /**
     * A set of three cups. Before the reveal only whose it is and whether it was answered.
     *
     * @param cupper who answered it; left out while nobody did
     * @param odd which cup is the odd one; left out before the reveal
     * @param chosen which cup was taken for it; left out before the reveal
     * @param what what was said of the difference; left out before the reveal
     * @param sweeter which was found sweeter; left out before the reveal
     * @param preferred which was preferred; left out before the reveal
     */
    public record SetView(
            @Schema(example = "1") int set,
            boolean answered,
            @Nullable String cupper,
            OptionalInt odd,
            OptionalInt chosen,
            @Nullable String what,

            CupSetEntity.@Nullable Side sweeter,
            CupSetEntity.@Nullable Side preferred) {

        static SetView of(CupSetEntity s, boolean told) {
            boolean answered = s.answered().isPresent();
            return new SetView(
                    s.number(),
                    answered,
                    s.cupper(),
                    told ? s.oddOne() : OptionalInt.empty(),
                    told ? s.answered() : OptionalInt.empty(),
                    told ? s.what() : null,
                    told ? s.sweeter() : null,
                    told ? s.preferred() : null);
        }
    }

    /** What stands in the cups of a set, as served; by roast where it is one of ours. */
    public record ServedSet(int set, List<@Nullable Long> roastIds, List<String> codes, OptionalInt odd) {

        static ServedSet of(CupSetEntity s) {
            return new ServedSet(
                    s.number(),
                    s.cups().stream().map(CuppingSampleEntity::roastId).toList(),
                    s.cups().stream().map(CuppingSampleEntity::code).toList(),
                    s.oddOne());
        }
    }

    /**
     * An answer to a set.
     *
     * @param odd which cup is the odd one, 1 to 3
     * @param what what differs, in the cupper's words
     * @param sweeter which is sweeter, the odd one or the two that are alike
     * @param preferred which is preferred
     */
    public record AnswerEntry(
            @Schema(example = "Ines K.") @Nullable String cupper,
            @Schema(example = "1") @Nullable Integer set,
            @Schema(example = "2") @Nullable Integer odd,
            @Nullable String what,

            CupSetEntity.@Nullable Side sweeter,
            CupSetEntity.@Nullable Side preferred) {

        /** Which cup is the odd one, and perhaps what differs. */
        public static AnswerEntry of(String cupper, int set, int odd, @Nullable String what) {
            return new AnswerEntry(cupper, set, odd, what, null, null);
        }
    }

    /** What a triangle of so many sets can show, and what may be said of it. */
    public record TrianglePlanView(@JsonUnwrapped TrianglePlan plan, String text) {}

    /**
     * What a triangle test came to; figures are not rounded.
     *
     * @param n sets answered
     * @param p chance of so many right by guessing
     * @param needed fewest right answers that show a difference at α 0.05
     * @param byGuessing right answers that guessing gives on average
     * @param people who answered
     * @param power chance that the test shows a difference that half of people tell
     * @param atMost largest share of people who may tell them apart, 95 % confidence
     * @param leanings which of the two those who told them apart found sweeter, and preferred; empty before the reveal
     */
    public record DifferenceView(
            int n,
            int right,
            double p,
            int needed,
            double byGuessing,
            boolean shown,
            int people,
            double power,
            double atMost,
            List<String> leanings,
            String text) {}
}
