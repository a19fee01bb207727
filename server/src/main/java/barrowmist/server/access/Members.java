package barrowmist.server.access;

import java.util.Optional;

/** Knows who belongs to the lab. */
public interface Members {

    /** Whether there is an account; a lab without one is open on its own computer. */
    boolean any();

    /** The person of this id, as their account is now. */
    Optional<Member> person(long id);

    /** The person whose account has this name, however it is spelled. */
    Optional<Member> named(String name);

    /** For whom this token speaks; empty when it is nobody's. */
    Optional<Member> byToken(String token);
}
