package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import barrowmist.core.trace.TraceRules.Rule;
import barrowmist.core.units.Wording;

/** What a rule says, in words. */
final class RuleWords {

    private RuleWords() {}

    static String of(Rule rule) {
        String[] part = rule.name().split("\\.");
        return Wording.capital(
                switch (part[0]) {
                    case "sign" -> sign(part[1]) + ": " + of(part[2]);
                    case "prior" -> cause(part[1]) + ": how often, before anything is known";
                    case "way" -> cause(part[1]) + ": comes about by " + words(part[2]);
                    case "shows" ->
                        part.length == 4
                                ? cause(part[1]) + ", by " + words(part[2]) + ": shows " + sign(part[3])
                                : cause(part[1]) + ": shows " + sign(part[2]);
                    case "word" -> cause(part[1]) + ": the word " + part[2];
                    case "decision" -> "decision on a lot: " + words(part[1]);
                    default -> words(part[0]) + ", " + words(part[1]) + ": " + rule.unit();
                });
    }

    private static String of(String figure) {
        return switch (figure) {
            case "base" -> "seen on a sound roast";
            case "line" -> "counts half at";
            default -> "softness of that line";
        };
    }

    private static String sign(String code) {
        return words(code);
    }

    private static String cause(String code) {
        return Cause.parse(code).map(Cause::label).orElse("nothing known");
    }

    private static String words(String code) {
        return code.replace('-', ' ');
    }

    /** The station of the sign that it is of; the trace itself where it is of none. */
    static String station(String name) {
        String[] part = name.split("\\.");
        if (part[0].equals("decision")) {
            return "decision";
        }
        String sign = part[0].equals("sign") ? part[1] : part[0].equals("shows") ? part[part.length - 1] : "";
        if (part[0].equals("word") || part[0].equals("cup")) {
            return "cupping";
        }
        return Coded.find(Sign.class, sign)
                .map(s -> switch (s.source()) {
                    case CUP, TABLE -> "cupping";
                    case LOG -> "roast";
                    case BENCH -> "sample";
                    case GREEN -> "green";
                    case TIME -> "rest";
                })
                .orElse("trace");
    }
}
