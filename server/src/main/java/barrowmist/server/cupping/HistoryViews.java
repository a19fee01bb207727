package barrowmist.server.cupping;

import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;

/** How cuppers have scored, on the wire; figures are not rounded. */
public final class HistoryViews {

    private HistoryViews() {}

    /** Somebody who sat at tables that may be told. */
    public record CupperView(String name, int tables) {}

    /**
     * One table, as this cupper scored it.
     *
     * @param offset from the table's mean, points; left out where nobody else sat there
     * @param sd how much of the scale was used, points
     * @param repeats how far the same coffee under several codes was given the same, points
     */
    public record ScoredTable(
            long cuppingId,
            Instant cuppedAt,
            int samples,
            int cuppers,
            OptionalDouble offset,
            OptionalDouble sd,
            OptionalDouble repeats) {}

    /**
     * All of it.
     *
     * @param scale spread of the scores over that of the whole tables', 1 as the others
     * @param sets of triangles answered
     * @param right of them
     * @param byGuessing as many as guessing gives on average
     * @param words found most, the most first
     */
    public record HistoryView(
            String name,
            OptionalDouble offset,
            OptionalDouble scale,
            OptionalDouble repeats,
            List<ScoredTable> tables,
            int sets,
            int right,
            double byGuessing,
            List<String> words) {}
}
