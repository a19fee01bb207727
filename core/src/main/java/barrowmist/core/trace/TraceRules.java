package barrowmist.core.trace;

import barrowmist.core.check.Begins.Standing;
import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every figure that the trace goes by, by its name: {@code sign.<sign>.base|line|soft}, {@code prior.<cause>}, {@code
 * way.<cause>.<way>}, {@code shows.<cause>[.<way>].<sign>}, {@code word.<cause>.<word>}, and the rest. Immutable.
 */
public final class TraceRules {

    /** Where a lab begins. */
    public static final TraceRules DEFAULTS = new TraceRules(read());

    private static final double LEAST_P = 0.001;
    private static final double LEAST = 0.001;
    private static final double MOST = 10_000;

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
            return unit.contains("common practice") ? Standing.COMMON_PRACTICE : Standing.HOUSE_DEFAULT;
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
    double value(String name) {
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
                checks.range(at + "value", rule.get().text(), c.value(), least(c.name()), MOST, "");
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
                || name.startsWith("cup.");
        return above ? LEAST : -MOST;
    }

    /** Another value for a rule. */
    public record Change(String name, double value) {}

    private static Map<String, Rule> read() {
        Map<String, Rule> out = new LinkedHashMap<>();
        RuleTable.SIGNS.lines().forEach(line -> readSign(out, line.strip().split("\\s+", 5)));
        entries(RuleTable.PRIORS.replace('\n', ' '))
                .forEach((cause, p) -> put(out, "prior." + cause, p, "probability"));
        blocks(RuleTable.WAYS).forEach((head, body) -> {
            String[] way = head.split(" ");
            put(out, "way." + way[0] + "." + way[1], Double.parseDouble(way[2]), "share of the cause");
            entries(body)
                    .forEach((sign, p) -> put(out, "shows." + way[0] + "." + way[1] + "." + sign, p, "probability"));
        });
        blocks(RuleTable.SHOWS)
                .forEach((cause, body) ->
                        entries(body).forEach((sign, p) -> put(out, "shows." + cause + "." + sign, p, "probability")));
        blocks(RuleTable.WORDS)
                .forEach((cause, body) -> entries(body)
                        .forEach((word, share) ->
                                put(out, "word." + cause + "." + word, share, "share beside the others")));
        RuleTable.FIGURES
                .lines()
                .map(line -> line.strip().split("\\s+", 3))
                .forEach(f -> put(out, f[0], Double.parseDouble(f[1]), f[2]));
        return out;
    }

    private static void readSign(Map<String, Rule> out, String[] columns) {
        String name = "sign." + columns[0] + ".";
        put(out, name + "base", Double.parseDouble(columns[1]), "probability on a sound roast");
        put(out, name + "line", Double.parseDouble(columns[2]), columns[4]);
        put(out, name + "soft", Double.parseDouble(columns[3]), columns[4]);
    }

    private static void put(Map<String, Rule> out, String name, double value, String unit) {
        if (out.put(name, new Rule(name, value, unit, value)) != null) {
            throw new IllegalStateException(name + " stands twice");
        }
    }

    /** Lines of {@code head: body}; a line without a colon goes on with the one before. */
    private static Map<String, String> blocks(String table) {
        Map<String, String> out = new LinkedHashMap<>();
        String head = "";
        for (String line : table.lines().toList()) {
            int colon = line.indexOf(':');
            head = colon < 0 ? head : line.substring(0, colon).strip();
            out.merge(head, line.substring(colon + 1).strip(), (a, b) -> a + " " + b);
        }
        return out;
    }

    /** {@code name value, name value}; a name may have several words. */
    private static Map<String, Double> entries(String text) {
        Map<String, Double> out = new LinkedHashMap<>();
        for (String entry : text.split(",")) {
            String e = entry.strip();
            int last = e.lastIndexOf(' ');
            if (last > 0) {
                out.put(e.substring(0, last).strip(), Double.parseDouble(e.substring(last + 1)));
            }
        }
        return out;
    }
}
