package barrowmist.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Tokens of the lab, with which a script comes in. */
@TestPropertySource(properties = "lab.of=people")
class ScriptTokenTest extends WithoutAccounts {

    ScriptTokenTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        super(mvc, store);
    }

    @Test
    void aScriptsTokenIsShownOnceAndTakenBack() {
        Lab maren = lab.lead();
        JsonNode made = maren.post("/api/tokens", "{\"name\":\"Stock\",\"role\":\"reader\"}")
                .body();
        Lab script = lab.from("192.0.2.9").as("Bearer " + made.get("token").asString());
        assertThat(script.get("/api/lots").status()).isEqualTo(200);
        assertThat(script.post("/api/lots", "{}").status()).isEqualTo(403);
        assertThat(maren.get("/api/tokens").body().get(0).has("token")).isFalse();
        assertThat(store.queryForObject("select token_hash from lab_token", String.class))
                .hasSize(64)
                .isNotEqualTo(made.get("token").asString());
        maren.delete("/api/tokens/" + made.get("id"));
        assertThat(script.get("/api/lots").status()).isEqualTo(401);
    }

    @Test
    void aTokenIsGoodAsLongAsWhoMadeItIsALead() {
        Lab maren = lab.lead();
        long id = maren.post(
                        "/api/people", "{\"name\":\"Tobin\",\"role\":\"lead\",\"password\":\"%s\"}".formatted(PASSWORD))
                .id();
        JsonNode made = lab.signedIn("Tobin", PASSWORD)
                .post("/api/tokens", "{\"name\":\"Stock\",\"role\":\"lead\"}")
                .body();
        Lab script = lab.as("Bearer " + made.get("token").asString());
        assertThat(script.get("/api/lots").status()).isEqualTo(200);
        maren.put("/api/people/" + id, "{\"role\":\"reader\"}");
        assertThat(script.get("/api/lots").status()).isEqualTo(401);
    }
}
