package barrowmist.core.trace;

import java.util.List;
import java.util.Optional;

/**
 * What is known of one cause.
 *
 * @param cause which
 * @param standing how far it is borne out
 * @param evidence for and against, strongest first
 * @param missing what is not known and would decide, a sentence each
 * @param correction the one change; only for a supported cause
 */
public record Finding(
        Cause cause,
        Standing standing,
        List<Evidence> evidence,
        List<String> missing,
        Optional<Correction> correction) {

    /** How far a finding is borne out. */
    public enum Standing {
        /** Cup and log agree. */
        SUPPORTED("supported"),
        /** The cup says it, the log does not. */
        UNEXPLAINED("unexplained"),
        /** The log says it, the cup does not. */
        TO_WATCH("to-watch");

        private final String code;

        Standing(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    public Finding {
        evidence = List.copyOf(evidence);
        missing = List.copyOf(missing);
    }

    /** Sum of what the evidence adds and takes away. */
    public double weight() {
        return evidence.stream().mapToDouble(Evidence::weight).sum();
    }

    /** Sum of what one source adds. */
    double weightFor(Evidence.Source source) {
        return evidence.stream()
                .filter(e -> e.source() == source && e.speaksFor())
                .mapToDouble(Evidence::weight)
                .sum();
    }
}
