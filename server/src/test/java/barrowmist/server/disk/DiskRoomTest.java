package barrowmist.server.disk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.test.util.ReflectionTestUtils;
import org.springframework.test.web.servlet.MockMvc;

/** A disk without room: it is said, reading goes on, and it ends by itself. */
@LabTest
class DiskRoomTest {

    private final Lab lab;
    private final DiskRoom room;

    DiskRoomTest(@Autowired MockMvc mvc, @Autowired DiskRoom room) {
        this.lab = new Lab(mvc);
        this.room = room;
    }

    private void roomIs(boolean there) {
        ReflectionTestUtils.setField(room, "leastBytes", there ? 1L : Long.MAX_VALUE);
    }

    @AfterEach
    void makeRoom() {
        roomIs(true);
    }

    @Test
    void nothingIsKeptReadingGoesOnAndItEndsByItself() {
        long lot = lab.lot("washed");
        String log = KnownLog.csv(true);
        roomIs(false);
        Answer refused = lab.csv("/api/lots/" + lot + "/roasts", log);
        assertThat(refused.status()).isEqualTo(507);
        assertThat(refused.body().get("detail").asString()).startsWith("The disk is full");
        assertThat(lab.get("/api/lots/" + lot).status()).isEqualTo(200);
        assertThat(lab.get("/api/notices").body().get(0).get("id").asString()).isEqualTo("disk");
        assertThat(lab.post("/api/batches", "{\"machineId\":1}").status())
                .as("what is only worked out goes on")
                .isNotEqualTo(507);
        assertThat(lab.delete("/api/desks/99/next-move").status())
                .as("and so does the desk")
                .isEqualTo(404);
        roomIs(true);
        assertThat(lab.csv("/api/lots/" + lot + "/roasts", log).status()).isEqualTo(201);
        assertThat(lab.get("/api/notices").body()).isEmpty();
    }

    private static DataSource dataSource() {
        return new DriverManagerDataSource("jdbc:h2:mem:room");
    }

    @Test
    void aStoreThatClosedItselfIsTold() {
        RuntimeException closed = new DataAccessResourceFailureException(
                "x", new SQLException("The database has been closed", "90098", 90098));
        DiskRoom room = new DiskRoom("target/test-data/room/barrowmist", 1, 1, dataSource());
        assertThat(room.diagnose(closed).orElseThrow()).contains("opened again");
        assertThat(room.diagnose(new IllegalStateException("else"))).isEmpty();
    }
}
