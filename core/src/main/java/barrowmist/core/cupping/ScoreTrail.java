package barrowmist.core.cupping;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a score went while the cup cooled: what was given first, and what it became. As long as the first is being found, by
 * steps of a quarter, it is still the first.
 *
 * @param first what was given first
 * @param last what it became later; empty while it is the first
 */
public record ScoreTrail(Mark first, Optional<Mark> last) {

    /** So long after a first mark a change still belongs to it, s. */
    public static final long FINDING_S = 60;

    /**
     * A score at a moment.
     *
     * @param score as given
     * @param cupC how warm the cup was then, °C, as its cooling is foretold; empty without a clock
     */
    public record Mark(double score, Instant at, OptionalDouble cupC) {}

    /** A trail that begins. */
    public static ScoreTrail begun(Mark first) {
        return new ScoreTrail(first, Optional.empty());
    }

    /** With what is given now. */
    public ScoreTrail then(Mark now) {
        double standing = last.orElse(first).score();
        if (now.score() == standing) {
            return this;
        }
        boolean finding =
                last.isEmpty() && Duration.between(first.at(), now.at()).toSeconds() <= FINDING_S;
        return finding
                ? begun(new Mark(now.score(), first.at(), first.cupC()))
                : new ScoreTrail(first, Optional.of(now));
    }
}
