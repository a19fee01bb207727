package barrowmist.core.trace;

import barrowmist.core.check.Begins.Standing;
import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every figure that the trace and the decision on a lot go by, by its name: {@code sign.<sign>.base|line|soft}, {@code prior.<cause>}, {@code
 * way.<cause>.<way>}, {@code shows.<cause>[.<way>].<sign>}, {@code word.<cause>.<word>}, and the rest. Immutable.
 */
public final class TraceRules {

    /** Where a lab begins. */
    public static final TraceRules DEFAULTS = new TraceRules(RuleReader.read());

    private static final String PUBLISHED = "published: ";
    private static final double LEAST_P = 0.001;
    private static final double LEAST = 0.001;
    private static final double MOST = 10_000;

    /** One roast of each side tells nothing of how one batch differs from the next. */
    private static final double LEAST_BATCHES = 2;

    private static final double LONGEST_DAYS = 730;
    private static final String DAYS = "days ";

    /** Rules of the decision on a lot. */
    private static final String DECISION = "decision.";

    private final Map<String, Rule> rules;

    /**
     * One figure.
     *
     * @param name its name
     * @param value its value
     * @param unit what it is measured in, in words
     * @param begins where a lab begins
     */
    public record Rule(String name, double value, String unit, double begins) {

        /** Whether it is a probability, above 0 and below 1. */
        public boolean probable() {
            return unit.startsWith("probability");
        }

        /** A sentence that says what it is. */
        public String text() {
            return RuleWords.of(this);
        }

        /** The station whose findings it concerns. */
        public String station() {
            return RuleWords.station(name);
        }

        /** By what right it begins where it does. */
        public Standing standing() {
            return unit.contains("one roaster's")
                    ? Standing.ONE_ROASTER
                    : unit.contains("common practice")
                            ? Standing.COMMON_PRACTICE
                            : source().isPresent() ? Standing.PUBLISHED : Standing.HOUSE_DEFAULT;
        }

        /** The published source that it begins with; empty where there is none. */
        public Optional<String> source() {
            int at = unit.indexOf(PUBLISHED);
            return at < 0 ? Optional.empty() : Optional.of(unit.substring(at + PUBLISHED.length()));
        }

        private Rule with(double newValue) {
            return new Rule(name, newValue, unit, begins);
        }
    }

    private TraceRules(Map<String, Rule> rules) {
        this.rules = rules;
    }

    /** All of them, in the order of their tables. */
    public List<Rule> all() {
        return List.copyOf(rules.values());
    }

    public Optional<Rule> find(String name) {
        return Optional.ofNullable(rules.get(name));
    }

    /** @throws IllegalArgumentException if there is no such figure */
    public double value(String name) {
        return rule(name).value();
    }

    Rule rule(String name) {
        return find(name).orElseThrow(() -> new IllegalArgumentException("There is no rule \"" + name + "\""));
    }

    /**
     * The same with other values.
     *
     * @throws IllegalArgumentException if there is no such figure
     */
    public TraceRules with(Map<String, Double> changes) {
        Map<String, Rule> changed = new LinkedHashMap<>(rules);
        changes.forEach((name, value) -> changed.put(name, rule(name).with(value)));
        return new TraceRules(changed);
    }

    /** Every problem of such changes, each at {@code changes[i].value} or {@code .name}. */
    public List<FieldProblem> problems(List<Change> changes) {
        Checks checks = new Checks();
        for (int i = 0; i < changes.size(); i++) {
            Change c = changes.get(i);
            String at = "changes[" + i + "].";
            Optional<Rule> rule = find(c.name());
            if (rule.isEmpty()) {
                checks.add(at + "name", "There is no rule \"" + c.name() + "\"");
            } else if (rule.get().probable()) {
                checks.range(at + "value", rule.get().text(), c.value(), LEAST_P, 1 - LEAST_P, "");
            } else {
                checks.range(at + "value", rule.get().text(), c.value(), least(c.name()), most(c.name()), "");
                if (rule.get().unit().startsWith(DAYS) && c.value() != Math.rint(c.value())) {
                    checks.add(at + "value", rule.get().text() + " is " + c.value() + ", expected whole days");
                }
            }
        }
        return checks.problems();
    }

    /** What is softened, shared out or spread has to be above 0. */
    private static double least(String name) {
        boolean above = name.endsWith(".soft")
                || name.startsWith("word.")
                || name.startsWith("way.")
                || name.startsWith("floor.")
                || name.startsWith("cup.")
                || name.equals("proof.by-chance")
                || name.startsWith(DECISION);
        return name.equals("proof.batches") ? LEAST_BATCHES : above ? LEAST : -MOST;
    }

    /** What no lab can mean; the longest time is that of two harvests (house defaults). */
    private static double most(String name) {
        return switch (name) {
            case DECISION + "score-floor" -> 100;
            case DECISION + "sheet-scatter", DECISION + "certainty" -> 10;
            case DECISION + "whole-lot" -> 1;
            case DECISION + "false-calls" -> 50;
            case "proof.batches" -> BlindProof.MOST_BATCHES;
            case "proof.by-chance" -> 1;
            default -> name.startsWith(DECISION) ? LONGEST_DAYS : MOST;
        };
    }

    /** Whether the rule of this name is one of the decision on a lot, and no cup's. */
    public static boolean ofDecision(String name) {
        return name.startsWith(DECISION);
    }

    /** Another value for a rule. */
    public record Change(String name, double value) {}
}
