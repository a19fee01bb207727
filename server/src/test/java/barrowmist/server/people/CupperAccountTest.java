package barrowmist.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Somebody who signed in to cup, at a table. */
@TestPropertySource(properties = "lab.of=people")
class CupperAccountTest extends WithoutAccounts {

    CupperAccountTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        super(mvc, store);
    }

    @Test
    void whoSignedInToCupGivesScoresInTheirOwnNameOnly() {
        Lab maren = lab.lead();
        maren.post("/api/people", person("Ines", "cupper"));
        Lab ines = lab.signedIn("Ines", PASSWORD);
        long lot = maren.lot("washed");
        long roast =
                maren.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        String table = "/api/cuppings/"
                + maren.post("/api/cuppings", "{\"blind\":\"coded\",\"samples\":[{\"roastId\":%d}]}".formatted(roast))
                        .id();
        String code = ines.get(table).body().at("/samples/0/code").asString();
        Answer given = ines.post(table + "/sheets", "{\"code\":\"%s\",\"cupper\":\"Tobin\"}".formatted(code));
        assertThat(given.body().get("cupper").asString()).isEqualTo("Ines");
        assertThat(ines.get(table + "/key").status()).isEqualTo(403);
        assertThat(ines.post(table + "/reveal", "{}").status()).isEqualTo(403);
        long tobins = maren.post(table + "/sheets", "{\"code\":\"%s\",\"cupper\":\"Tobin\"}".formatted(code))
                .id();
        assertThat(ines.put(table + "/sheets/" + tobins, "{\"cupper\":\"Tobin\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void nobodySitsDownUnderANameThatHasAnAccount() {
        Lab maren = lab.lead();
        maren.post("/api/people", person("Ines", "cupper"));
        maren.post("/api/people", person("Rolf", "reader"));
        Lab ines = lab.signedIn("Ines", PASSWORD);
        JsonNode table = maren.post(
                        "/api/cuppings",
                        "{\"blind\":\"coded\",\"samples\":[{\"outside\":{\"name\":\"Bag\"}},{\"outside\":{\"name\":\"Tin\"}}]}")
                .body();
        String path = "/api/cuppings/" + table.get("id");
        Lab reader = lab.signedIn("Rolf", PASSWORD);
        assertThat(reader.get(path).body().has("joinCode")).isFalse();
        assertThat(ines.get(path).body().has("joinCode")).isFalse();
        String join = "{\"joinCode\":\"%s\",\"cupper\":\"%s\"}";
        String code = table.get("joinCode").asString();
        for (String spelled : List.of("Ines", "INES", " ines ", "In\u200bes")) {
            assertThat(reader.post("/api/cuppings/join", join.formatted(code, spelled))
                            .body()
                            .at("/problems/0/field")
                            .asString())
                    .as(spelled)
                    .isEqualTo("cupper");
        }
        assertThat(ines.post("/api/cuppings/join", join.formatted(code, "Ines")).status())
                .isEqualTo(201);
        // one guest has one seat, however the name is spelled
        assertThat(lab.post("/api/cuppings/join", join.formatted(code, "Gast")).status())
                .isEqualTo(201);
        assertThat(lab.post("/api/cuppings/join", join.formatted(code, "GAST\u200b"))
                        .status())
                .isEqualTo(409);
        String sheet = path + "/sheets/"
                + ines.post(path + "/sheets", "{\"code\":%s}".formatted(table.at("/samples/0/code")))
                        .id();
        assertThat(reader.get(sheet).status()).isEqualTo(404);
        assertThat(maren.get(sheet).status()).isEqualTo(200);
    }

    @Test
    void onAnOpenTableTooTheySeeAllAndWriteTheirOwn() {
        Lab maren = lab.lead();
        maren.post("/api/people", person("Ines", "cupper"));
        Lab ines = lab.signedIn("Ines", PASSWORD);
        String table = "/api/cuppings/"
                + maren.post("/api/cuppings", "{\"samples\":[{\"outside\":{\"name\":\"Bag\"}}]}")
                        .id();
        long tobins = maren.post(table + "/sheets", "{\"cupper\":\"Tobin\"}").id();
        assertThat(ines.get(table + "/sheets/" + tobins).status()).isEqualTo(200);
        assertThat(ines.put(table + "/sheets/" + tobins, "{\"cupper\":\"Ines\"}")
                        .status())
                .isEqualTo(404);
        Answer own = ines.post(table + "/sheets", "{\"cupper\":\"Tobin\"}");
        assertThat(own.body().get("cupper").asString()).isEqualTo("Ines");
    }
}
