package barrowmist.server.access;

import java.util.Optional;

/** Knows the tokens of those who sit at tables. */
public interface SeatTokens {

    /** Whose token this is; empty when it is nobody's, or its table is revealed. */
    Optional<Seat> find(String token);
}
