package barrowmist.core.trace;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a roast traces back to. The probabilities of all causes, of {@code sound} and of {@code none} add up to 1.
 *
 * @param findings the causes that are not negligible, strongest first
 * @param folded the rest, most likely first: each can be asked why not
 * @param sound probability that nothing is wrong
 * @param none probability that something is wrong which none of the causes explains
 * @param missing what to look at next, what tells most first
 */
public record Traced(List<Finding> findings, List<Finding> folded, double sound, double none, List<Missing> missing) {

    private static final String NONE = "none";

    /**
     * What is likeliest.
     *
     * @param code of a cause, {@code sound} or {@code none}
     * @param odds its probability
     */
    public record Answer(String code, double odds) {}

    /** How likely it reads that nothing is wrong: a cup never shows that for certain. */
    public Chance soundChance() {
        return Chance.of(sound).atMost(Chance.LIKELY);
    }

    /** How likely it reads that something is wrong that nothing explains: only the cup says so. */
    public Chance noneChance() {
        return Chance.of(none).atMost(Chance.POSSIBLE);
    }

    /** Whether that something is wrong which nothing explains is likelier than any cause, and than that nothing is. */
    public boolean unexplained() {
        return first().code().equals(NONE);
    }

    /** The likeliest of all. */
    public Answer first() {
        return Stream.concat(
                        Stream.of(new Answer("sound", sound), new Answer(NONE, none)),
                        Stream.concat(findings.stream(), folded.stream())
                                .map(f -> new Answer(f.cause().code(), f.probability())))
                .max(Comparator.comparingDouble(Answer::odds))
                .orElseThrow();
    }
}
