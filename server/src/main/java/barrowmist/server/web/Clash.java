package barrowmist.server.web;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;

/** Two who changed the same thing at the same moment, in whatever words the layers between say it. */
final class Clash {

    /** SQL's own class of a transaction that was rolled back for another. */
    private static final String ROLLED_BACK = "40";

    /** H2: the same row was changed by another transaction; a lock was not had in time. */
    private static final int CONCURRENT_UPDATE = 90131;

    private static final int LOCK_TIMEOUT = 50200;

    private Clash() {}

    static boolean is(Throwable failure) {
        return failure instanceof ConcurrencyFailureException
                || failure instanceof DataIntegrityViolationException
                || NestedExceptionUtils.getMostSpecificCause(failure) instanceof SQLException sql && rolledBack(sql);
    }

    private static boolean rolledBack(SQLException sql) {
        @Nullable String state = sql.getSQLState();
        return state != null && state.startsWith(ROLLED_BACK)
                || sql.getErrorCode() == CONCURRENT_UPDATE
                || sql.getErrorCode() == LOCK_TIMEOUT;
    }
}
