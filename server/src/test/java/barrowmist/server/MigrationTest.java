package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A lab that was kept by an earlier version is found again after an update, nothing lost. */
class MigrationTest {

    private static final String URL = "jdbc:h2:mem:migration;DB_CLOSE_DELAY=-1";

    private static void migrate(String target) {
        Flyway.configure().dataSource(URL, "sa", "").target(target).load().migrate();
    }

    private static void run(Statement statement, String... lines) throws SQLException {
        for (String line : lines) {
            statement.execute(line);
        }
    }

    /** A lab of ten lots kept by version 4, where three imports at once were all given number 4 and hold one log. */
    private static Path labOfVersion4() throws IOException {
        Path folder = Files.createTempDirectory("lab");
        try (ZipInputStream zip = new ZipInputStream(MigrationTest.class.getResourceAsStream("lab-of-version-4.zip"))) {
            Files.copy(zip, folder.resolve(zip.getNextEntry().getName()));
        }
        return folder.resolve("barrowmist");
    }

    @Test
    void aLabOfVersion4IsFoundAgainWithNumbersGivenTwiceGivenAnew() throws Exception {
        String url = "jdbc:h2:file:" + labOfVersion4();
        Flyway.configure().dataSource(url, "sa", "").load().migrate();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement statement = connection.createStatement()) {
            assertThat(all(statement, "select number_in_lot from roast where lot_id = 1 order by id"))
                    .containsExactly("1", "2", "3", "4", "5", "6");
            assertThat(all(statement, "select count(*) from roast")).containsExactly("26");
            assertThat(all(statement, "select count(*) from roast where import_key is null"))
                    .as("one of four keeps the key of their log")
                    .containsExactly("3");
            assertThat(all(
                            statement,
                            "select count(*) from cupping_sample c join cupping k on k.id = c.cupping_id"
                                    + " where k.blind = 'OPEN' and c.roast_id is not null"))
                    .as("every cupping is an open table of its roasts")
                    .isEqualTo(all(statement, "select count(*) from cupping"));
            assertThat(all(
                            statement,
                            "select count(*) from sheet s join cupping_sample c on c.id = s.sample_id"
                                    + " where c.roast_id = s.roast_id and c.cupping_id = s.cupping_id"))
                    .isEqualTo(all(statement, "select count(*) from sheet"));
            assertThat(all(statement, "select sum(version) from lot")).containsExactly("0");
            assertThatThrownBy(() -> statement.execute("update roast set number_in_lot = 5 where lot_id = 1"))
                    .hasMessageContaining("ROAST_NUMBER_IN_LOT");
        }
    }

    private static List<String> all(Statement statement, String query) throws SQLException {
        List<String> out = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                out.add(rows.getString(1));
            }
        }
        return out;
    }

    @Test
    void eachLotGetsAnArrivalSampleAndItsRoastsBelongToIt() throws SQLException {
        migrate("1");
        try (Connection connection = DriverManager.getConnection(URL, "sa", "");
                Statement statement = connection.createStatement()) {
            run(
                    statement,
                    "insert into machine (name, drum_capacity_g) values ('Drum 1', 150)",
                    "insert into lot (name, supplier, origin, process, arrival_date, kg) values"
                            + " ('Hill', 'S', 'Burundi', 'WASHED', date '2026-01-05', 60),"
                            + " ('Slope', 'S', 'Kenya', 'NATURAL', date '2026-02-05', 30)",
                    "insert into roast (lot_id, machine_id, number_in_lot, roasted_at, accepted, settled, readings,"
                            + " content_hash, rules_version, faults, missing_marks, version)"
                            + " values (2, 1, 1, timestamp with time zone '2026-03-01 09:00:00+00', true, false, x'00',"
                            + " 'h', 1, '', 0, 0)");
            migrate("2");
            try (ResultSet samples = statement.executeQuery(
                    "select lot_id, stage, received_on, inspected from green_sample order by lot_id")) {
                assertThat(samples.next()).isTrue();
                assertThat(samples.getString("stage")).isEqualTo("ARRIVAL");
                assertThat(samples.getDate("received_on")).hasToString("2026-01-05");
                assertThat(samples.getBoolean("inspected")).isFalse();
                assertThat(samples.next()).isTrue();
                assertThat(samples.next()).isFalse();
            }
            try (ResultSet roast = statement.executeQuery(
                    "select s.lot_id from roast r join green_sample s on s.id = r.green_sample_id")) {
                assertThat(roast.next()).isTrue();
                assertThat(roast.getLong("lot_id")).isEqualTo(2);
            }
            assertThatThrownBy(() -> statement.execute(
                            "insert into green_sample (lot_id, stage, received_on, inspection, inspected, version)"
                                    + " values (1, 'ARRIVAL', date '2026-01-05', '{}', false, 0)"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("GREEN_SAMPLE_OF_A_STAGE");
        }
    }
}
