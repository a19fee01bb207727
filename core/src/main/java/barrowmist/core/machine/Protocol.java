package barrowmist.core.machine;

import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What is done between two batches, so that each starts from the same state.
 *
 * @param steps in order
 */
public record Protocol(List<Step> steps) {

    /** A drop reads about this, °C: where a protocol sets out (house default). */
    private static final double AFTER_DROP_C = 205;

    /** No drum reads beyond this, °C (house default). */
    public static final double HOTTEST_C = 320;

    /** Nor falls below this between batches, °C (house default). */
    public static final double COOLEST_C = 40;

    private static final double LONGEST_S = 3600;
    private static final int MOST_STEPS = 20;
    private static final int MOST_TEXT = 200;

    /** What a step waits for, or sets. */
    public enum Kind implements Coded {
        /** Set the gas, %. */
        SET_GAS("set gas to"),
        /** Set the airflow, %. */
        SET_AIR("set air to"),
        /** Do something by hand, such as open the door. */
        DO("do"),
        /** Wait until a probe has fallen to a temperature, °C. */
        FALL_TO("wait until it falls to"),
        /** Wait until a probe has risen to a temperature, °C. */
        RISE_TO("wait until it rises to"),
        /** Wait for a time, s. */
        WAIT("wait for");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Which probe. */
    public enum Probe implements Coded {
        BEAN("bean probe"),
        ENVIRONMENT("environment probe");

        private final String label;

        Probe(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * One step.
     *
     * @param kind what it is
     * @param probe which probe it waits for
     * @param value %, °C or s as the kind says; empty for {@link Kind#DO}
     * @param text what to do, in words; may be empty but for {@link Kind#DO}
     */
    public record Step(Kind kind, Probe probe, OptionalDouble value, String text) {}

    public Protocol {
        steps = List.copyOf(steps);
    }

    /**
     * The steps a machine begins with (common practice, no published source; temperatures are house defaults for a
     * small drum).
     */
    public static Protocol usual() {
        return new Protocol(List.of(
                new Step(Kind.DO, Probe.BEAN, OptionalDouble.empty(), "Door open, chaff collector emptied"),
                new Step(Kind.SET_AIR, Probe.BEAN, OptionalDouble.of(80), ""),
                new Step(Kind.SET_GAS, Probe.BEAN, OptionalDouble.of(10), ""),
                new Step(Kind.FALL_TO, Probe.BEAN, OptionalDouble.of(178), ""),
                new Step(Kind.DO, Probe.BEAN, OptionalDouble.empty(), "Door shut"),
                new Step(Kind.SET_AIR, Probe.BEAN, OptionalDouble.of(40), ""),
                new Step(Kind.SET_GAS, Probe.BEAN, OptionalDouble.of(60), ""),
                new Step(Kind.RISE_TO, Probe.BEAN, OptionalDouble.of(190), "")));
    }

    /** Every problem of these steps, the ones that can never be reached among them. */
    public List<FieldProblem> problems() {
        List<FieldProblem> problems = new ArrayList<>();
        if (steps.size() > MOST_STEPS) {
            problems.add(new FieldProblem(
                    "protocol", "The protocol has " + steps.size() + " steps, at most " + MOST_STEPS + " are kept"));
        }
        double[] probeC = {AFTER_DROP_C, AFTER_DROP_C + ENVIRONMENT_ABOVE_C};
        double gas = Double.NaN;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            String problem = shape(step);
            if (problem == null) {
                gas = step.kind == Kind.SET_GAS ? step.value.getAsDouble() : gas;
                problem = reach(step, probeC, gas);
            }
            if (problem != null) {
                problems.add(new FieldProblem("protocol", "Step " + (i + 1) + ": " + problem));
            }
        }
        return problems;
    }

    private static final double ENVIRONMENT_ABOVE_C = 15;

    private static @Nullable String shape(Step step) {
        if (step.kind == null || step.probe == null) {
            return "it does not say what is to be done, or by which probe";
        }
        if (step.text.length() > MOST_TEXT) {
            return "its text has " + step.text.length() + " characters, at most " + MOST_TEXT + " are kept";
        }
        if (step.kind == Kind.DO) {
            return step.text.isBlank() ? "say what is to be done" : null;
        }
        double max = switch (step.kind) {
            case SET_GAS, SET_AIR -> 100;
            case WAIT -> LONGEST_S;
            default -> HOTTEST_C;
        };
        double min = step.kind == Kind.FALL_TO || step.kind == Kind.RISE_TO ? COOLEST_C : 0;
        double value = step.value.orElse(Double.NaN);
        if (!(value >= min && value <= max)) {
            return String.format(
                    Locale.ROOT,
                    "its value is %s, allowed are %.0f to %.0f",
                    step.value.isPresent() ? String.format(Locale.ROOT, "%.4g", value) : "missing",
                    min,
                    max);
        }
        return null;
    }

    private static @Nullable String reach(Step step, double[] probeC, double gas) {
        if (step.kind != Kind.FALL_TO && step.kind != Kind.RISE_TO) {
            return null;
        }
        double before = probeC[step.probe.ordinal()];
        double to = step.value.getAsDouble();
        String name = step.probe == Probe.BEAN ? "bean" : "environment";
        boolean falls = step.kind == Kind.FALL_TO;
        if (falls ? to >= before : to <= before) {
            return String.format(
                    Locale.ROOT,
                    "it waits for the %s probe to %s to %.0f °C, but by then it already reads about %.0f °C",
                    name,
                    falls ? "fall" : "rise",
                    to,
                    before);
        }
        if (!falls && gas == 0) {
            return String.format(
                    Locale.ROOT,
                    "it waits for the %s probe to rise to %.0f °C with the gas at 0: it can never be reached",
                    name,
                    to);
        }
        double moved = to - before;
        probeC[0] += moved;
        probeC[1] += moved;
        probeC[step.probe.ordinal()] = to;
        return null;
    }
}
