package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A table has its form, and whoever cups there may write on the other one. */
@LabTest
class TwoFormsTest {

    private static final String FIVES = "\"attributes\":{\"fragrance\":5,\"aroma\":5,\"flavour\":5,\"aftertaste\":5,"
            + "\"acidity\":5,\"sweetness\":5,\"mouthfeel\":5,\"overall\":5}";
    private static final String SEVENS = "\"attributes\":{\"fragranceAroma\":7,\"flavour\":7.5,\"aftertaste\":7.5,"
            + "\"acidity\":7.5,\"body\":7.5,\"balance\":7.5,\"overall\":7.5}";

    private final Lab lab;
    private long roast;

    TwoFormsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aRoast() {
        long lot = lab.lot("washed");
        roast = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
    }

    private String table(String more) {
        return "/api/cuppings/"
                + lab.post("/api/cuppings", "{\"roastIds\":[%d]%s}".formatted(roast, more))
                        .id();
    }

    private Answer sheetOf(String cupper, String table, String content) {
        return lab.post(table + "/sheets", "{\"cupper\":\"%s\",%s}".formatted(cupper, content));
    }

    @Test
    void aTableHasItsFormAndACupperMayWriteOnTheOther() {
        String table = table(",\"form\":\"value-assessment\"");
        assertThat(lab.get(table).body().get("form").asString()).isEqualTo("value-assessment");
        assertThat(sheetOf("Ines", table, FIVES).body().get("finalScore").asDouble())
                .as("the table's, where nobody chooses")
                .isEqualTo(79);
        JsonNode other =
                sheetOf("Ben", table, "\"form\":\"hundred-point\"," + SEVENS).body();
        assertThat(other.get("form").asString()).isEqualTo("hundred-point");
        assertThat(sheetOf("Cora", table, "\"form\":\"triage\",\"verdict\":\"out\"")
                        .status())
                .as("a table for scores knows no line of triage")
                .isEqualTo(422);
        sheetOf("Dora", table, "\"form\":\"hundred-point\"," + SEVENS.replace("7.5", "8"));

        JsonNode panel = lab.get(table + "/panel").body();
        assertThat(panel.get("form").asString()).as("that most wrote on").isEqualTo("hundred-point");
        assertThat(panel.get("forms").toString()).isEqualTo("[\"hundred-point\",\"value-assessment\"]");
        assertThat(panel.get("cuppers").toString()).contains("Ben", "Dora").doesNotContain("Ines");
        JsonNode value = lab.get(table + "/panel?form=value-assessment").body();
        assertThat(value.at("/samples/0/mean").asDouble())
                .as("what was given on two forms makes no mean")
                .isEqualTo(79);
        assertThat(value.at("/samples/0/scores")).hasSize(1);
    }

    @Test
    void theFormIsChosenBeforeTheFirstScore() {
        String table = table("");
        JsonNode empty = sheetOf("Ben", table, "\"form\":\"hundred-point\"").body();
        String path = table + "/sheets/" + empty.get("id").asLong();
        JsonNode changed = lab.put(
                        path,
                        "{\"cupper\":\"Ben\",\"form\":\"value-assessment\",\"version\":%s}"
                                .formatted(empty.get("version")))
                .body();
        assertThat(changed.get("form").asString()).isEqualTo("value-assessment");
        assertThat(changed.get("unscored").toString()).as("%s", changed).contains("flavour");
        JsonNode scored =
                lab.put(path, "{\"cupper\":\"Ben\",%s}".formatted(FIVES)).body();
        assertThat(scored.get("finalScore").asDouble()).isEqualTo(79);
        Answer late = lab.put(path, "{\"cupper\":\"Ben\",\"form\":\"hundred-point\"}");
        assertThat(late.status()).isEqualTo(409);
        assertThat(lab.get(path).body().get("finalScore").asDouble()).isEqualTo(79);
    }
}
