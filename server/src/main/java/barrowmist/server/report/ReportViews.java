package barrowmist.server.report;

import barrowmist.core.decision.Uses;
import barrowmist.server.decision.DecisionViews.DecisionView;
import barrowmist.server.green.GreenViews.StagesView;
import barrowmist.server.green.LotView;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reports on the wire. */
public final class ReportViews {

    private ReportViews() {}

    /** A word, and in how many of how many cups it was found. */
    public record WordCups(String word, int cups, int ofCups) {}

    /** What one cupper at one table gave. */
    public record ScoreAtTable(long cuppingId, Instant cuppedAt, String cupper, String stage, double score) {}

    /**
     * The scores of a lot.
     *
     * @param sd of single sheets about the mean; left out with fewer than two
     * @param apart scores that are told and not in the mean
     * @param leftOut why sheets stand apart or are not counted, a line each
     */
    public record ScoresView(
            int sheets,
            int tables,
            int cuppers,
            @Nullable Double mean,
            @Nullable Double sd,
            List<ScoreAtTable> each,
            List<ScoresApart> apart,
            List<String> leftOut) {}

    /**
     * Scores that stand apart from the mean, such as those of cups with milk.
     *
     * @param what they are, in words
     */
    public record ScoresApart(String what, int sheets, double mean) {}

    /** A figure by its name, as it is written. */
    public record NamedFigure(String name, String text) {}

    /**
     * A roast of a lot.
     *
     * @param cause what its cup is held to come from; left out for nothing
     * @param held whether the lead said so; else it is the program's finding
     */
    public record ReportedRoast(
            long roastId,
            String title,
            String stage,
            String machineName,
            Instant roastedAt,
            List<NamedFigure> figures,
            List<String> faults,
            @Nullable Double score,
            List<WordCups> words,
            @Nullable String cause,
            boolean held,
            List<Long> photos) {}

    /** What was measured of one stage, against the lab's limits. */
    public record MeasuredStage(String stage, @Nullable String grade, List<String> said, List<Long> photos) {}

    /**
     * All that is told of a lot.
     *
     * @param uses by its clean cups; empty where a fault stands in all of them
     */
    public record LotReport(
            LotView lot,
            DecisionView decision,
            ScoresView scores,
            List<WordCups> words,
            List<Uses.Use> uses,
            List<MeasuredStage> measured,
            List<StagesView> stages,
            List<ReportedRoast> roasts) {}

    /** What stands on a bag, a line each. */
    public record LabelTextView(List<String> lines, LocalDate bestBy) {}

    /**
     * For how many months a coffee is at its best.
     *
     * @param version of what is changed; one that names none is taken
     */
    public record LabelSettings(int bestForMonths, @Nullable Long version) {}
}
