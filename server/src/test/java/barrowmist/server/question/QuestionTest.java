package barrowmist.server.question;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The lead's questions, with the rows behind each answer. */
@LabTest
@TestPropertySource(properties = "lab.of=questions")
class QuestionTest {

    private final Lab lab;

    QuestionTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private JsonNode ask(String id) {
        Lab.Answer a = lab.get("/api/questions/" + id);
        assertThat(a.status()).as(id).isEqualTo(200);
        return a.body();
    }

    @Test
    void everyQuestionHasAnAnswerInAnEmptyLabToo() {
        JsonNode all = lab.get("/api/questions").body();
        assertThat(all).hasSizeGreaterThanOrEqualTo(7);
        for (JsonNode q : all) {
            JsonNode a = ask(q.get("id").asString());
            assertThat(a.get("answer").asString()).isNotBlank();
            assertThat(a.get("sure").asString()).isNotBlank();
            for (JsonNode row : a.get("rows")) {
                assertThat(row.get("cells")).hasSize(a.get("columns").size());
            }
            assertThat(lab.status("/api/questions/" + q.get("id").asString() + "/answer.csv"))
                    .isEqualTo(200);
        }
        assertThat(lab.status("/api/questions/weather")).isEqualTo(404);
    }

    @Test
    void crashesAreCountedWithWhatTheyTastedOfAndNothingBlind() {
        long lot = lab.lot("washed");
        String log = "/api/lots/" + lot + "/roasts?again=true";
        long tasted = lab.csv(log, KnownLog.csv(true)).id();
        lab.csv(log, KnownLog.csv(true));
        lab.csv(log, KnownLog.csv(false));
        assertThat(ask("tasted-crashes").get("rows")).hasSize(2);
        assertThat(ask("tasted-crashes").get("answer").asString()).startsWith("0 of 2 that crashed were cupped");
        JsonNode laid = lab.post("/api/cuppings", "{\"blind\":\"coded\",\"samples\":[{\"roastId\":" + tasted + "}]}")
                .body();
        String table = "/api/cuppings/" + laid.get("id").asLong();
        lab.post(table + "/sheets", """
                {"code":"%s","cupper":"I","words":[{"word":"flat","cups":[1,2,3,4,5]},{"word":"bready","cups":[1,2,3,4,5]}],
                "attributes":{"fragranceAroma":6.5,"flavour":6.5,"aftertaste":6.5,"acidity":6.5,"body":6.5,"balance":6.5,
                "overall":6.5}}""".formatted(laid.at("/samples/0/code").asString()));
        assertThat(ask("tasted-crashes").get("answer").asString()).startsWith("0 of 2");
        lab.post(table + "/reveal", "{}");
        JsonNode told = ask("tasted-crashes");
        assertThat(told.get("answer").asString())
                .isEqualTo("1 of 2 that crashed were cupped; 1 of those tastes baked.");
        // exact interval of one of one: 2.5 % at the lower end (Clopper-Pearson)
        assertThat(told.get("sure").asString()).contains("between 3 and 100 %");
        assertThat(lab.get("/api/questions/tasted-crashes?supplier=Nobody")
                        .body()
                        .get("rows"))
                .isEmpty();
        assertThat(lab.get("/api/questions/tasted-crashes?from=2020-01-01&to=2020-02-01")
                        .body()
                        .get("rows"))
                .isEmpty();
        assertThat(lab.text("/api/questions/tasted-crashes/answer.csv")).contains("Test Hill, roast 1");
        assertThat(lab.status("/api/questions/cups-share?cause=weather")).isEqualTo(422);
    }
}
