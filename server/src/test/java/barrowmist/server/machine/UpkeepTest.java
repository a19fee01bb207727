package barrowmist.server.machine;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What was done to a roaster, as a script would enter it. */
@LabTest
class UpkeepTest {

    private final Lab lab;

    UpkeepTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @Test
    void itIsKeptTheNewestFirstAndMayBeTakenBack() {
        long drum = lab.post("/api/machines", "{\"name\":\"Upkeep drum\"}").id();
        String at = "/api/machines/" + drum + "/upkeep";
        assertThat(lab.get(at).body()).isEmpty();
        lab.post(at, "{\"on\":\"2026-03-02\",\"what\":\"bean-probe\",\"note\":\" 3 mm deeper \"}");
        JsonNode all = lab.post(at, "{\"what\":\"burner\"}").body();
        assertThat(all).hasSize(2);
        assertThat(all.at("/0/on").asString()).isEqualTo(LocalDate.now().toString());
        assertThat(all.at("/1/text").asString()).isEqualTo("the bean probe was changed or moved");
        assertThat(all.at("/1/note").asString()).isEqualTo("3 mm deeper");
        long other =
                lab.post("/api/machines", "{\"name\":\"Another upkeep drum\"}").id();
        long id = all.at("/0/id").asLong();
        assertThat(lab.delete("/api/machines/" + other + "/upkeep/" + id).status())
                .isEqualTo(404);
        assertThat(lab.delete(at + "/" + id).body()).hasSize(1);
        assertThat(lab.delete(at + "/" + id).status()).isEqualTo(404);
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        long drum = lab.post("/api/machines", "{\"name\":\"Refusing drum\"}").id();
        String at = "/api/machines/" + drum + "/upkeep";
        for (String entry : new String[] {
            "{}",
            "{\"what\":\"painted\"}",
            "{\"what\":\"drum\",\"on\":\"" + LocalDate.now().plusDays(1) + "\"}",
            "{\"what\":\"drum\",\"note\":\"" + "n".repeat(201) + "\"}"
        }) {
            assertThat(lab.post(at, entry).status()).as(entry).isEqualTo(422);
        }
        assertThat(lab.post("/api/machines/999999/upkeep", "{\"what\":\"drum\"}")
                        .status())
                .isEqualTo(404);
        assertThat(lab.get(at).body()).isEmpty();
    }
}
