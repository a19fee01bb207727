package barrowmist.server.web;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** It stands otherwise by now. Answered with status 409. */
public class Conflict extends RuntimeException {

    private final transient Map<String, Object> details;

    /** @param details what helps the page to go on, by name */
    public Conflict(String message, Map<String, Object> details) {
        super(message);
        this.details = Map.copyOf(details);
    }

    public Map<String, Object> details() {
        return details;
    }

    /**
     * Refuses a change that was made from another version than the one that is kept.
     *
     * @param madeFrom the version that was changed; null for a change that names none, which is taken
     * @param what what was changed, such as {@code plan}
     */
    public static void ifStale(@Nullable Long madeFrom, long kept, String what) {
        if (madeFrom != null && madeFrom != kept) {
            throw new Conflict(
                    "Somebody else changed this " + what + " meanwhile. Nothing was overwritten: load it again.",
                    Map.of("version", kept));
        }
    }
}
