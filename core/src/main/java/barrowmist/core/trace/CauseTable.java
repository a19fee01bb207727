package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import barrowmist.core.trace.TraceRules.Rule;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The rules as the odds need them: what each cause shows, and in which ways it comes about. Immutable. */
final class CauseTable {

    /**
     * A way in which a cause comes about.
     *
     * @param name its name
     * @param share of the cause
     * @param shows how likely each sign of the log is in it; one that is not there is as likely as on a sound roast
     */
    record Way(String name, double share, Map<Sign, Double> shows) {}

    private static final Way ONLY = new Way("", 1, Map.of());

    private final Map<Sign, Double> base = new EnumMap<>(Sign.class);
    private final Map<Cause, List<Way>> ways = new EnumMap<>(Cause.class);
    private final Map<Cause, Map<Sign, Double>> shows = new EnumMap<>(Cause.class);
    private final Map<Cause, Map<String, Double>> words = new EnumMap<>(Cause.class);

    CauseTable(TraceRules rules) {
        for (Sign sign : Sign.values()) {
            base.put(sign, rules.value("sign." + sign.code() + ".base"));
        }
        for (Cause cause : Cause.values()) {
            Map<String, Double> shown = named(rules, "shows." + cause.code() + ".");
            shows.put(cause, signs(shown, ""));
            words.put(cause, named(rules, "word." + cause.code() + "."));
            List<Way> each = new ArrayList<>();
            named(rules, "way." + cause.code() + ".")
                    .forEach((way, share) -> each.add(new Way(way, share, signs(shown, way + "."))));
            ways.put(cause, each.isEmpty() ? List.of(ONLY) : List.copyOf(each));
        }
    }

    private static Map<String, Double> named(TraceRules rules, String prefix) {
        Map<String, Double> out = new LinkedHashMap<>();
        for (Rule rule : rules.all()) {
            if (rule.name().startsWith(prefix)) {
                out.put(rule.name().substring(prefix.length()), rule.value());
            }
        }
        return out;
    }

    private static Map<Sign, Double> signs(Map<String, Double> shown, String prefix) {
        Map<Sign, Double> out = new EnumMap<>(Sign.class);
        shown.forEach((name, p) -> {
            if (name.startsWith(prefix)) {
                Coded.find(Sign.class, name.substring(prefix.length())).ifPresent(sign -> out.put(sign, p));
            }
        });
        return out;
    }

    /** How likely a sign is on a sound roast. */
    double base(Sign sign) {
        return base.getOrDefault(sign, 0.0);
    }

    List<Way> ways(Cause cause) {
        return ways.getOrDefault(cause, List.of(ONLY));
    }

    /** How likely a sign is in a way of a cause. */
    double shows(Cause cause, Way way, Sign sign) {
        Double inWay = way.shows.get(sign);
        return inWay != null ? inWay : shows.getOrDefault(cause, Map.of()).getOrDefault(sign, base(sign));
    }

    /** The words of a cause, each with its share beside the others. */
    Map<String, Double> words(Cause cause) {
        return words.getOrDefault(cause, Map.of());
    }
}
