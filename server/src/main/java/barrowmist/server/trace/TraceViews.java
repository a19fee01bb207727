package barrowmist.server.trace;

import barrowmist.core.green.Process;
import barrowmist.core.trace.Correction;
import barrowmist.core.trace.Evidence;
import barrowmist.core.trace.Finding;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Traces on the wire. */
public final class TraceViews {

    private TraceViews() {}

    /** The trace of one roast, strongest finding first. */
    public record TraceView(
            long roastId,
            boolean settled,
            int cups,
            int sheets,
            OptionalDouble finalScore,
            OptionalDouble restHours,
            List<CupWordView> words,
            List<FindingView> findings) {}

    /** A taste word and in how many of the cups it was found. */
    public record CupWordView(String word, int cups) {}

    /** One finding. */
    public record FindingView(
            String cause,
            String standing,
            double weight,
            List<EvidenceView> evidence,
            List<String> missing,
            @Nullable CorrectionView correction) {

        static FindingView of(Finding f) {
            return new FindingView(
                    f.cause().code(),
                    f.standing().code(),
                    f.weight(),
                    f.evidence().stream().map(EvidenceView::of).toList(),
                    f.missing(),
                    f.correction().map(CorrectionView::of).orElse(null));
        }
    }

    /** One piece of evidence; {@code weight} is below 0 where it says {@code against}. */
    public record EvidenceView(
            String source,
            String says,
            String text,
            double weight,
            List<String> words,
            OptionalDouble fromS,
            OptionalDouble toS) {

        static EvidenceView of(Evidence e) {
            return new EvidenceView(
                    e.source().code(),
                    e.speaksFor() ? "for" : "against",
                    e.text(),
                    e.weight(),
                    e.words(),
                    e.fromS(),
                    e.toS());
        }
    }

    /** The one change for the next roast. */
    public record CorrectionView(String change, double from, double to, String unit, String text, String why) {
        static CorrectionView of(Correction c) {
            return new CorrectionView(c.change(), c.from(), c.to(), c.unit(), c.text(), c.why());
        }
    }

    /** A cupped roast in the list of traces. */
    public record TraceRow(
            long roastId,
            boolean settled,
            @Nullable Double finalScore,
            @Nullable String cause,
            @Nullable String standing,
            String lotName,
            int number,
            String process,
            Instant roastedAt) {

        /** As the database gives it. */
        public TraceRow(
                long roastId,
                boolean settled,
                @Nullable Double finalScore,
                @Nullable String cause,
                @Nullable String standing,
                String lotName,
                int number,
                Process process,
                Instant roastedAt) {
            this(roastId, settled, finalScore, cause, standing, lotName, number, process.label(), roastedAt);
        }
    }
}
