package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.TrianglePlan;
import barrowmist.core.cupping.panel.Vote;
import barrowmist.server.web.Codes;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
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

            @Schema(allowableValues = {"odd", "pair"}) @Nullable
            String sweeter,

            @Schema(allowableValues = {"odd", "pair"}) @Nullable
            String preferred) {

        static SetView of(CupSetEntity s, boolean told) {
            boolean answered = s.answered().isPresent();
            return new SetView(
                    s.number(),
                    answered,
                    s.cupper(),
                    told ? s.oddOne() : OptionalInt.empty(),
                    told ? s.answered() : OptionalInt.empty(),
                    told ? s.what() : null,
                    told ? code(s.sweeter()) : null,
                    told ? code(s.preferred()) : null);
        }

        private static @Nullable String code(CupSetEntity.@Nullable Side side) {
            return side == null ? null : Codes.of(side);
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

            @Schema(allowableValues = {"odd", "pair"}) @Nullable
            String sweeter,

            @Schema(allowableValues = {"odd", "pair"}) @Nullable
            String preferred) {

        /** Which cup is the odd one, and perhaps what differs. */
        public static AnswerEntry of(String cupper, int set, int odd, @Nullable String what) {
            return new AnswerEntry(cupper, set, odd, what, null, null);
        }
    }

    /**
     * What a triangle of so many sets can show.
     *
     * @param share of people assumed to tell the two apart, [0, 1]
     * @param needed fewest right answers that show a difference
     * @param power chance that it is shown
     * @param enough fewest sets that show it in 4 of 5 tests; left out when too many would be needed
     */
    public record TrianglePlanView(int sets, double share, int needed, double power, OptionalInt enough, String text) {

        static TrianglePlanView of(TrianglePlan p) {
            return new TrianglePlanView(
                    p.sets(),
                    p.share(),
                    p.needed(),
                    p.power(),
                    p.enough().stream().mapToInt(n -> n).findFirst(),
                    p.text());
        }
    }

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

    /**
     * One person's order, best first: every code once; the best alone where only that is asked.
     *
     * @param party with whom they came
     */
    public record RankingEntry(
            @Schema(example = "Ines K.") @Nullable String cupper,
            @Schema(example = "[\"214\",\"507\"]") @Nullable List<String> order,

            @Schema(allowableValues = {"house", "guest", "trade"}) @Nullable
            String party) {}

    /**
     * An order that was kept.
     *
     * @param own whether the best of it is this person's own entry
     */
    public record KeptOrder(
            String cupper, List<String> order, @Nullable String party, boolean own) {}

    /** What somebody guesses from the green alone. */
    public record GuessEntry(
            @Schema(example = "Ines K.") @Nullable String cupper,
            @Schema(example = "Nicaragua") @Nullable String origin,

            @Schema(allowableValues = {"washed", "natural", "honey", "semi-washed", "other"}) @Nullable
            String process) {}

    /** A guess and whether it was right; left out where nothing of ours stands on the table. */
    public record GuessView(
            String cupper,
            @Nullable String origin,
            @Nullable Boolean originRight,
            @Nullable String process,
            @Nullable Boolean processRight) {}

    /**
     * One sample's votes.
     *
     * @param lower share of people who like it best, 95 % confidence, [0, 1]
     */
    public record VoteShare(String code, int votes, double lower, double upper) {

        static List<VoteShare> of(Vote vote) {
            return vote.shares().stream()
                    .map(s -> new VoteShare(s.code(), s.votes(), s.lower(), s.upper()))
                    .toList();
        }
    }

    /** The same for some of the people alone. */
    public record PartyView(
            @Schema(allowableValues = {"house", "guest", "trade"})
            String party,

            int people,
            List<VoteShare> votes,
            String text) {}

    /** The sum of a sample's ranks; 1 is best. */
    public record RankSum(String code, double sum) {}

    /** Two samples, and the chance that they come so far apart where nobody prefers either, after Holm's correction. */
    public record PreferencePair(String a, String b, double p) {}

    /**
     * What people liked; what cannot be said is left out.
     *
     * @param rankSums empty where only the best was asked for
     * @param votes everybody's best
     * @param voted what these say
     * @param own how many of them are for one's own entry
     * @param withoutOwn what is said without these; left out where there are none
     * @param parties people apart, by with whom they came
     */
    public record PreferenceView(
            int n,

            @Schema(allowableValues = {"order", "best"}) String choice,

            List<VoteShare> votes,
            String voted,
            int own,
            @Nullable String withoutOwn,
            List<PartyView> parties,
            List<GuessView> guesses,
            List<RankSum> rankSums,
            OptionalDouble friedmanQ,
            OptionalDouble p,
            OptionalDouble kendallW,
            List<PreferencePair> pairs,
            List<KeptOrder> rankings,
            String text) {}
}
