package barrowmist.server.blend;

import barrowmist.core.decision.Blend;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Blends on the wire. */
public final class BlendViews {

    private BlendViews() {}

    /** A part of a blend, with its share of what is roasted, per cent. */
    public record BlendPart(@Nullable Long lotId, @Nullable Double share) {}

    /**
     * A blend to be thought through, or kept.
     *
     * @param name wanted where it is kept
     * @param kg how much of it is wanted, roasted; 1 when it is left out
     * @param version the one that was changed
     */
    public record BlendEntry(
            @Nullable String name,
            @Nullable List<BlendPart> parts,
            @Nullable Double kg,
            @Nullable Long version) {

        /** As it is kept. */
        BlendEntry called(String by) {
            return new BlendEntry(by, parts, kg, null);
        }

        double wantedKg() {
            return kg == null ? 1 : kg;
        }

        List<BlendPart> all() {
            return parts == null ? List.of() : parts;
        }
    }

    /** A blend that is kept, with how many tables of its trials were laid. */
    public record KeptBlend(long id, String name, String parts, int trials, String by, Instant at) {}

    /** A blend that is kept, with what its parts suggest today. */
    public record BlendPage(
            long id,
            String name,
            long version,
            double kg,
            List<BlendPart> parts,
            Blend.Suggested suggested,
            List<TrialView> trials) {}

    /**
     * A table at which a trial stood blind beside its parts; nothing is told of one that is not revealed.
     *
     * @param of the parts as they were laid, in words
     * @param text what it showed
     * @param score of the trial, mean; left out where it was not scored, or is not told
     * @param expected the parts' scores at that table by their shares; likewise
     */
    public record TrialView(
            long cuppingId,
            Instant laidAt,
            boolean told,
            String of,
            String text,
            @Nullable Double score,
            @Nullable Double expected) {}

    /** The table that was laid. */
    public record LaidTrial(long cuppingId) {}
}
