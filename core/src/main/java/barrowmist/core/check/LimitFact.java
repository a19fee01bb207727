package barrowmist.core.check;

import barrowmist.core.check.Begins.Standing;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;

/**
 * What is known of one limit that a lab may edit.
 *
 * @param name as on the wire, such as {@code moistureMaxPct}
 * @param beginsWith where a lab begins, in the limit's own unit
 * @param standing how much weight that figure has
 * @param source where it is from; may be empty
 */
public record LimitFact(String name, double beginsWith, Standing standing, String source) {

    /**
     * The facts of every number among the limits, in their order.
     *
     * @param defaults what a lab begins with; each of its numbers says {@link Begins}
     */
    public static List<LimitFact> of(Record defaults) {
        return Arrays.stream(defaults.getClass().getRecordComponents())
                .filter(c -> c.getType() != boolean.class)
                .map(c -> of(defaults, c))
                .toList();
    }

    private static LimitFact of(Record defaults, RecordComponent component) {
        Begins begins = component.getAnnotation(Begins.class);
        if (begins == null) {
            throw new IllegalArgumentException(component + " does not say why it begins where it does");
        }
        try {
            Number value = (Number) component.getAccessor().invoke(defaults);
            return new LimitFact(component.getName(), value.doubleValue(), begins.value(), begins.source());
        } catch (ReflectiveOperationException e) {
            throw new IllegalArgumentException(component + " cannot be read", e);
        }
    }

    /** Standing and source in a few words. */
    public String words() {
        return source.isEmpty() ? standing.label() : standing.label() + ": " + source;
    }
}
