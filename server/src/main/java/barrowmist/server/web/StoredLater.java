package barrowmist.server.web;

/** What is stored was written by a later version of the program, and this one cannot read it. */
public class StoredLater extends RuntimeException {

    StoredLater(String name, int written, int known) {
        super(
                "What is stored as \"%s\" is of version %d, and this Barrowmist reads up to %d: a later one has saved it. "
                                .formatted(name, written, known)
                        + "Start the later one, or put back the copy of the data that was made before it.");
    }
}
