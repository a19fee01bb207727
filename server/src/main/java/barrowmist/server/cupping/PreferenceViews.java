package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.Vote;
import barrowmist.core.green.Process;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Roast-offs on the wire. */
public final class PreferenceViews {

    private PreferenceViews() {}

    /**
     * One person's order, best first: every code once; the best alone where only that is asked.
     *
     * @param party with whom they came
     */
    public record RankingEntry(
            @Schema(example = "Ines K.") @Nullable String cupper,
            @Schema(example = "[\"214\",\"507\"]") @Nullable List<String> order,

            RankingEntity.@Nullable Party party) {}

    /**
     * An order that was kept.
     *
     * @param own whether the best of it is this person's own entry
     */
    public record KeptOrder(String cupper, List<String> order, RankingEntity.@Nullable Party party, boolean own) {}

    /** What somebody guesses from the green alone. */
    public record GuessEntry(
            @Schema(example = "Ines K.") @Nullable String cupper,
            @Schema(example = "Nicaragua") @Nullable String origin,
            @Nullable Process process) {}

    /** A guess and whether it was right; left out where nothing of ours stands on the table. */
    public record GuessView(
            String cupper,
            @Nullable String origin,
            @Nullable Boolean originRight,
            @Nullable Process process,
            @Nullable Boolean processRight) {}

    /** The same for some of the people alone. */
    public record PartyView(RankingEntity.Party party, int people, List<Vote.Share> votes, String text) {}

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
            Choice choice,
            List<Vote.Share> votes,
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
