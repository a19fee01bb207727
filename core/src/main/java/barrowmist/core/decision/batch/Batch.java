package barrowmist.core.decision.batch;

import barrowmist.core.roast.RoastFigures;
import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * A batch that followed a profile.
 *
 * @param roastId its number
 * @param day when it was roasted
 * @param lot what green it was made of
 * @param person who roasted it; empty where nobody said so
 * @param roast its figures
 * @param lossPct weight lost, per cent; empty where it was not weighed
 * @param colourGround points; empty where it was not read
 * @param held whether somebody held it back: such a batch tells nothing of the usual spread
 */
public record Batch(
        long roastId,
        LocalDate day,
        String lot,
        String person,
        RoastFigures roast,
        OptionalDouble lossPct,
        OptionalDouble colourGround,
        boolean held) {}
