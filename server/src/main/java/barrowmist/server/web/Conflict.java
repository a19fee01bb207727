package barrowmist.server.web;

import java.util.Map;

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
}
