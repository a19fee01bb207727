package barrowmist.core.trace;

import barrowmist.core.trace.TraceRules.Rule;
import java.util.LinkedHashMap;
import java.util.Map;

/** Reads the tables of {@link RuleTable}. */
final class RuleReader {

    private RuleReader() {}

    /** Each rule by its name, in the order of the tables. */
    static Map<String, Rule> read() {
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
