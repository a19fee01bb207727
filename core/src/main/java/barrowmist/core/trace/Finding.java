package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What is known of one cause.
 *
 * @param cause which
 * @param standing how far it is borne out
 * @param probability that it is the main cause, from 0 to 1
 * @param chance how likely that reads: never more than what bears it out allows
 * @param atWork probability that it is at work, as the main cause or beside it
 * @param evidence for and against, strongest first
 * @param correction the one change; only for a supported cause
 */
public record Finding(
        Cause cause,
        Standing standing,
        double probability,
        Chance chance,
        double atWork,
        List<Evidence> evidence,
        Optional<Correction> correction) {

    /** How far a finding is borne out. */
    public enum Standing implements Coded {
        /** The cup says it, at least one independent source bears it out, and the odds are good. */
        SUPPORTED("supported", "the cup says it, and something else bears it out"),
        /** The cup says it, and nothing else bears it out yet. */
        UNEXPLAINED("not borne out yet", "the cup says it, nothing else does yet"),
        /** Something else says it, the cup does not. */
        TO_WATCH("to watch for", "something shows it, the cup does not"),
        /** The odds are against it. */
        UNLIKELY("unlikely", "the odds are against it");

        private final String label;
        private final String meaning;

        Standing(String label, String meaning) {
            this.label = label;
            this.meaning = meaning;
        }

        @Override
        public String label() {
            return label;
        }

        @Override
        public String meaning() {
            return meaning;
        }

        /** Whether the cup itself says it, borne out or not. */
        public boolean cupSpeaks() {
            return this == SUPPORTED || this == UNEXPLAINED;
        }

        /** The codes of those that the cup speaks for. */
        public static List<String> codesTheCupSpeaksFor() {
            return Arrays.stream(values())
                    .filter(Standing::cupSpeaks)
                    .map(Standing::code)
                    .toList();
        }
    }

    public Finding {
        evidence = List.copyOf(evidence);
    }

    /** Sum of what the evidence adds and takes away: the log likelihood ratio against a sound roast. */
    public double weight() {
        return evidence.stream().mapToDouble(Evidence::weight).sum();
    }
}
