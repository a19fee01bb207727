package barrowmist.server.web;

/** There is no such thing. Answered with status 404. */
public class NotFound extends RuntimeException {

    public NotFound(String what, Object id) {
        super("There is no " + what + " " + id + ".");
    }
}
