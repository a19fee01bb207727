package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.TransactionSystemException;

/** What is done again, and what is a fault. */
class ClashTest {

    private static JpaSystemException saying(SQLException sql) {
        return new JpaSystemException(new RuntimeException("could not commit", sql));
    }

    @Test
    void whateverTheLayersCallItAClashIsOne() {
        assertThat(Clash.is(new CannotAcquireLockException("deadlock"))).isTrue();
        assertThat(Clash.is(new DataIntegrityViolationException("twice"))).isTrue();
        assertThat(Clash.is(saying(new SQLException("deadlock", "40001", 40001))))
                .isTrue();
        assertThat(Clash.is(saying(new SQLException("row was changed", "90131", 90131))))
                .isTrue();
        assertThat(Clash.is(new TransactionSystemException(
                        "could not commit", new RuntimeException(new SQLException("no lock", "HYT00", 50200)))))
                .isTrue();
    }

    @Test
    void aFaultIsNone() {
        assertThat(Clash.is(saying(new SQLException("disk", "90031", 90031)))).isFalse();
        assertThat(Clash.is(new IllegalStateException("ours"))).isFalse();
        assertThat(Clash.is(saying(new SQLException("without a state")))).isFalse();
    }
}
