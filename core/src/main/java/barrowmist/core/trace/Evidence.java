package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One piece of evidence.
 *
 * @param source where it comes from
 * @param weight log likelihood ratio of the cause against a sound roast: above 0 speaks for the cause, below 0 against
 * @param text a sentence with its figures
 * @param words the taste words behind it; empty for other sources
 * @param fromS start of its window on the curve, s since charge; empty when it has none
 * @param toS end of its window
 */
public record Evidence(
        Source source, double weight, String text, List<String> words, OptionalDouble fromS, OptionalDouble toS) {

    /** The sources of evidence. */
    public enum Source implements Coded {
        CUP("cup"),
        LOG("log"),
        BENCH("bench"),
        GREEN("green"),
        TIME("rest"),
        /** What the other samples, the preparation and the other roasts of the lot say. */
        TABLE("table");

        private final String label;

        Source(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public Evidence {
        words = List.copyOf(words);
    }

    public static Evidence of(Source source, double weight, String text) {
        return new Evidence(source, weight, text, List.of(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    public static Evidence cup(double weight, String text, List<String> words) {
        return new Evidence(Source.CUP, weight, text, words, OptionalDouble.empty(), OptionalDouble.empty());
    }

    public static Evidence log(double weight, String text, double fromS, double toS) {
        return new Evidence(Source.LOG, weight, text, List.of(), OptionalDouble.of(fromS), OptionalDouble.of(toS));
    }

    /** Whether it speaks for the cause. */
    public boolean speaksFor() {
        return weight > 0;
    }
}
