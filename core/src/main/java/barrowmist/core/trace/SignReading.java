package barrowmist.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Gathers what is observed; grades each figure at the line of its sign. Mutable. */
final class SignReading {

    /** How sure a person is of what is seen or smelled. */
    private static final double SURE = 0.97;

    final TraceRules rules;
    private final List<Observation> seen = new ArrayList<>();

    SignReading(TraceRules rules) {
        this.rules = rules;
    }

    List<Observation> all() {
        return List.copyOf(seen);
    }

    Optional<Observation> find(Sign sign) {
        return seen.stream().filter(o -> o.sign() == sign).findFirst();
    }

    /** A figure, in the unit of the sign's line. */
    void figure(Sign sign, double figure, String text) {
        seen.add(graded(sign, figure, text));
    }

    /** A figure with a window on the curve. */
    void figure(Sign sign, double figure, String text, double fromS, double toS) {
        seen.add(graded(sign, figure, text).at(fromS, toS));
    }

    /** Something that is there or not. */
    void seen(Sign sign, boolean there, String text) {
        seen.add(new Observation(
                sign, there ? 1 : 0, there ? SURE : 1 - SURE, text, OptionalDouble.empty(), OptionalDouble.empty()));
    }

    private Observation graded(Sign sign, double figure, String text) {
        double line = rules.value("sign." + sign.code() + ".line");
        double soft = rules.value("sign." + sign.code() + ".soft");
        double degree = 1 / (1 + Math.exp(-(figure - line) / soft));
        return new Observation(sign, figure, degree, text, OptionalDouble.empty(), OptionalDouble.empty());
    }
}
