package barrowmist.browser;

import com.jayway.jsonpath.Configuration;
import com.jayway.jsonpath.JsonPath;
import com.jayway.jsonpath.Option;
import com.jayway.jsonpath.ParseContext;

/** What the server answers, read. */
final class Wire {

    private static final ParseContext LENIENT =
            JsonPath.using(Configuration.defaultConfiguration().addOptions(Option.SUPPRESS_EXCEPTIONS));

    private Wire() {}

    /** The number at a path; NaN when nothing is there. */
    static double number(String json, String path) {
        Number there = LENIENT.parse(json).read(path);
        return there == null ? Double.NaN : there.doubleValue();
    }

    /** A roaster as it was answered, to be sent again: answers at a port, and asked every {@code ms}. */
    static String linked(String machine, int port, int ms) {
        return JsonPath.parse(machine)
                .delete("$.id")
                .set("$.settings.link.port", port)
                .set("$.settings.link.pollMs", ms)
                .jsonString();
    }
}
