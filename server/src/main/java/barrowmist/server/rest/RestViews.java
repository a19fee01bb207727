package barrowmist.server.rest;

import barrowmist.core.green.Process;
import barrowmist.core.rest.Ageing;
import barrowmist.core.rest.Rest;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.sample.BenchJudgement;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The shelf on the wire. */
public final class RestViews {

    private RestViews() {}

    /**
     * The shelf, in the order in which a table is laid.
     *
     * @param school of every process that has none of its own
     * @param byProcess the school of a process that has one of its own
     * @param age what age means, a line each
     */
    public record ShelfView(
            RestSchool school,
            Map<Process, RestSchool> byProcess,
            List<String> age,
            Instant now,
            List<ShelfItem> items,
            List<AgeingView> ageing) {}

    /**
     * A school that is to hold from now on.
     *
     * @param school left out for a process that shall go with the others
     * @param process left out for every process that has none of its own
     */
    public record ShelfSchool(
            @Nullable RestSchool school, @Nullable Process process) {}

    /**
     * One roasted sample.
     *
     * @param verdict of the bench
     */
    public record ShelfItem(
            long roastId,
            String lotName,
            int number,
            Process process,
            Instant droppedAt,
            Rest.State state,
            Instant opensAt,
            Instant bestAt,
            Instant closesAt,
            double ageH,
            BenchJudgement.Verdict verdict,
            boolean cupped) {}

    /** What is kept back, and when it is cupped again, days after the roast. */
    public record AgeingEntry(
            @Schema(example = "80") @Nullable Double keptG,
            @Schema(example = "[7,14,21]") @Nullable List<Integer> days,
            @Nullable Long version) {}

    /** One coffee of the study: its scores by day, and when it is due. */
    public record AgeingView(
            long roastId,
            String lotName,
            int number,
            double keptG,
            List<Integer> days,
            List<Ageing.Point> points,
            @Nullable LocalDate nextDue,
            String text,
            long version) {}
}
