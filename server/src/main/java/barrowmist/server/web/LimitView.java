package barrowmist.server.web;

import barrowmist.core.check.LimitFact;
import java.util.List;

/**
 * What is known of one limit that a lab may edit.
 *
 * @param name of its field
 * @param beginsWith where a lab begins, in the field's unit
 * @param standing how much weight that figure has, and where it is from, in words
 */
public record LimitView(String name, double beginsWith, String standing) {

    /** @param defaults what a lab begins with */
    public static List<LimitView> of(Record defaults) {
        return LimitFact.of(defaults).stream()
                .map(f -> new LimitView(f.name(), f.beginsWith(), f.words()))
                .toList();
    }
}
