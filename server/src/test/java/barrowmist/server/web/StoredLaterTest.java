package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** A folder that a later program has written to is not read as if half of it were missing. */
@LabTest
class StoredLaterTest {

    private final Lab lab;
    private final JdbcTemplate data;

    StoredLaterTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate data) {
        this.data = data;
        lab = new Lab(mvc);
    }

    @AfterEach
    void theSettingIsAsItWas() {
        data.update("delete from setting where name = 'rest-school'");
    }

    @Test
    void aPageSaysThatALaterProgramHasSavedIt() {
        data.update("insert into setting(name, content, version) values ('rest-school',"
                + " '{\"storedVersion\":99,\"content\":{}}', 0)");
        Answer shelf = lab.get("/api/rest/shelf");
        assertThat(shelf.status()).isEqualTo(500);
        assertThat(shelf.body().get("detail").asString())
                .startsWith("What is stored as \"rest-school\" is of version 99")
                .contains("Start the later one, or put back the copy");
    }

    @Test
    void aStyleOfRestThatIsMissingIsNamedWithThoseThatThereAre() {
        String day = "{\"content\":{\"lit\":\"08:00\",\"items\":[]}}";
        for (Answer refused : new Answer[] {lab.put("/api/rest/school", "{}"), lab.put("/api/days/2026-03-04", day)}) {
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.body().get("problems").get(0).get("message").asString())
                    .endsWith(" is missing, expected protocol, drinking or late");
        }
    }
}
