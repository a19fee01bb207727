package barrowmist.server.access;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * A cupper who sits at one table, by its token; good from joining to the reveal.
 *
 * @param tableId the table
 * @param cupper under which name
 * @param place the how many-th to sit down, from 0
 */
public record Seat(long tableId, String cupper, int place) {

    /** Who calls, when it is such a cupper; empty for everybody else. */
    public static Optional<Seat> ofCaller() {
        Authentication caller = SecurityContextHolder.getContext().getAuthentication();
        return caller != null && caller.getPrincipal() instanceof Seat seat ? Optional.of(seat) : Optional.empty();
    }
}
