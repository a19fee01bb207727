package barrowmist.server.web;

import java.util.Optional;

/** Knows what to do when the database itself has failed. The disk's watch implements it. */
public interface StoreDoctor {

    /** What to tell the person, when this failure is the store's and not the program's; it is mended meanwhile. */
    Optional<String> diagnose(Throwable failure);
}
