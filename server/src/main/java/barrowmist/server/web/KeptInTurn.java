package barrowmist.server.web;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import org.springframework.dao.DataAccessException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A service that keeps things: each of its methods is one transaction. When two people keep the same thing at the same
 * moment, the database takes one; the other is done again, and then finds what the first has kept.
 */
@Documented
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
@Transactional
@Retryable(
        includes = {DataAccessException.class, TransactionException.class},
        maxRetries = 6,
        delay = 10,
        jitter = 8,
        multiplier = 2,
        predicate = KeptInTurn.Outermost.class)
public @interface KeptInTurn {

    /** Only a whole transaction can be done again, never a part of one. */
    final class Outermost implements MethodRetryPredicate {
        @Override
        public boolean shouldRetry(Method method, Throwable failure) {
            return !TransactionSynchronizationManager.isActualTransactionActive() && Clash.is(failure);
        }
    }
}
