package barrowmist.core.trace;

import java.util.List;

/**
 * What a roast traces back to. The probabilities of all causes, of {@code sound} and of {@code none} add up to 1.
 *
 * @param findings the causes that are not negligible, strongest first
 * @param folded the rest, most likely first: each can be asked why not
 * @param sound probability that nothing is wrong
 * @param none probability that something is wrong which none of the causes explains
 * @param missing what to look at next, what tells most first
 */
public record Traced(List<Finding> findings, List<Finding> folded, double sound, double none, List<Missing> missing) {}
