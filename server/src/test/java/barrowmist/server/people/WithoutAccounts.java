package barrowmist.server.people;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** A lab in which nobody has an account when a test begins. */
@LabTest
abstract class WithoutAccounts {

    static final String PASSWORD = "heather after rain";

    final Lab lab;
    final JdbcTemplate store;

    WithoutAccounts(MockMvc mvc, JdbcTemplate store) {
        lab = new Lab(mvc);
        this.store = store;
    }

    @BeforeEach
    void nobodyHasAnAccount() {
        store.update("delete from person");
        store.update("delete from spring_session");
    }

    static String person(String name, String role) {
        return "{\"name\":\"%s\",\"role\":\"%s\",\"password\":\"%s\"}".formatted(name, role, PASSWORD);
    }
}
