package barrowmist.core.decision;

import barrowmist.core.trace.Evidence.Source;

/**
 * One thing that speaks for or against a lot.
 *
 * @param speaksFor for the lot
 * @param text a sentence
 * @param source where it is read
 */
public record Reason(boolean speaksFor, String text, Source source) {

    static Reason good(Source source, String text) {
        return new Reason(true, text, source);
    }

    static Reason bad(Source source, String text) {
        return new Reason(false, text, source);
    }
}
