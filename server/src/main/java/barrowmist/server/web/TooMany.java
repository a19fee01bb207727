package barrowmist.server.web;

/** It was tried too often. Answered with status 429. */
public class TooMany extends RuntimeException {

    public TooMany(String message) {
        super(message);
    }
}
