package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Correction;
import barrowmist.core.trace.Evidence;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.Missing;
import barrowmist.core.trace.Traced;
import barrowmist.server.trace.NextRoastService.SizedChange;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Traces on the wire. */
public final class TraceViews {

    private TraceViews() {}

    /**
     * The trace of one roast, strongest finding first. The probabilities of all findings and folded causes, of {@code sound} and
     * of {@code none} add up to 1.
     *
     * @param leftOut why sheets of it are told apart or not used, a line each
     * @param soundChance how likely it reads that nothing is wrong, in a word; the same of {@code none}
     * @param unexplained whether that something is wrong which none explains is likelier than any cause and than nothing
     * @param verdicts what the lead holds and held of it, the one that holds first
     */
    public record TraceView(
            long roastId,
            boolean settled,
            int cups,
            int sheets,
            OptionalDouble finalScore,
            OptionalDouble restHours,
            List<CupWordView> words,
            List<String> leftOut,
            List<FindingView> findings,
            List<FindingView> folded,
            double sound,
            double none,
            String soundChance,
            String noneChance,
            boolean unexplained,
            int rulesVersion,
            List<Missing> missing,
            List<VerdictView> verdicts) {

        static TraceView of(
                long roastId,
                boolean settled,
                int cups,
                int sheets,
                OptionalDouble finalScore,
                OptionalDouble restHours,
                List<CupWordView> words,
                List<String> leftOut,
                Traced traced,
                int rulesVersion,
                List<VerdictView> verdicts,
                Function<Correction, SizedChange> sized) {
            return new TraceView(
                    roastId,
                    settled,
                    cups,
                    sheets,
                    finalScore,
                    restHours,
                    words,
                    leftOut,
                    views(traced.findings(), traced.missing(), sized),
                    views(traced.folded(), traced.missing(), sized),
                    traced.sound(),
                    traced.none(),
                    traced.soundChance().label(),
                    traced.noneChance().label(),
                    traced.unexplained(),
                    rulesVersion,
                    traced.missing(),
                    verdicts);
        }

        private static List<FindingView> views(
                List<Finding> findings, List<Missing> missing, Function<Correction, SizedChange> sized) {
            return findings.stream().map(f -> FindingView.of(f, missing, sized)).toList();
        }
    }

    /** A taste word and in how many of the cups it was found. */
    public record CupWordView(String word, int cups) {}

    /**
     * One finding.
     *
     * @param weight sum of the evidence: log likelihood ratio against a sound roast
     * @param probability that it is the main cause
     * @param chance how likely that reads, in a word: no more than what bears it out allows
     * @param atWork probability that it is at work, as the main cause or beside it
     * @param missing what is not known and would speak for or against it, what tells most first
     */
    public record FindingView(
            Cause cause,
            String label,
            Finding.Standing standing,
            double probability,
            String chance,
            double atWork,
            double weight,
            List<Evidence> evidence,
            List<Missing> missing,
            @Nullable CorrectionView correction) {

        static FindingView of(Finding f, List<Missing> missing, Function<Correction, SizedChange> sized) {
            return new FindingView(
                    f.cause(),
                    f.cause().label(),
                    f.standing(),
                    f.probability(),
                    f.chance().label(),
                    f.atWork(),
                    f.weight(),
                    f.evidence(),
                    missing.stream().filter(m -> m.of().contains(f.cause())).toList(),
                    f.correction().map(c -> CorrectionView.of(sized.apply(c))).orElse(null));
        }
    }
}
