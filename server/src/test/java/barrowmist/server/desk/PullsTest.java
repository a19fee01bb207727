package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What is drawn from a batch while it roasts, and the batch that warms the roaster. */
@LabTest
@DirtiesContext
class PullsTest extends DeskRig {

    PullsTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    private int pull(double grams) {
        return lab.post(desk("/controls"), "{\"control\":\"pull\",\"value\":%s}".formatted(grams))
                .status();
    }

    private List<JsonNode> pullsOf(long roastId) {
        List<JsonNode> out = new ArrayList<>();
        lab.get("/api/roasts?size=50").body().forEach(r -> {
            if (r.has("pulledFrom") && r.get("pulledFrom").asLong() == roastId) {
                out.add(r);
            }
        });
        return out;
    }

    @Test
    void eachPullIsASampleOfItsOwnThatEndsWhereItWasDrawnAndTeachesNothing() throws Exception {
        assertThat(pull(8)).as("nothing roasts").isEqualTo(409);
        charge();
        await("turned", s -> s.has("turning"));
        assertThat(pull(0)).isEqualTo(422);
        assertThat(pull(6)).isEqualTo(200);
        assertThat(pull(6)).as("the same, at another screen").isEqualTo(200);
        press("dry_end");
        await("later", s -> now(s) > 150);
        assertThat(pull(8)).isEqualTo(200);
        JsonNode entries = state().get("entries");
        JsonNode second = entries.get(entries.size() - 1);
        assertThat(second.get("kind").asString()).isEqualTo("pull");
        assertThat(second.get("value").asDouble()).isEqualTo(8);
        assertThat(second.has("beanC")).isTrue();
        endRoast();
        long batch = state().get("batch").get("roastId").asLong();
        List<JsonNode> pulls = pullsOf(batch);
        assertThat(pulls).hasSize(2).allMatch(p -> p.get("kind").asString().equals("pull"));
        JsonNode later = pulls.get(0).get("totalS").asDouble()
                        > pulls.get(1).get("totalS").asDouble()
                ? pulls.get(0)
                : pulls.get(1);
        double droppedS = lab.get("/api/roasts/" + batch).body().get("totalS").asDouble();
        assertThat(later.get("totalS").asDouble())
                .isCloseTo(Math.min(second.get("timeS").asDouble(), droppedS), within(1.0));
        assertThat(later.get("dropC").asDouble()).isCloseTo(second.get("beanC").asDouble(), within(1.0));
        assertThat(later.get("events").toString()).contains("dry_end");
        assertThat(pulls)
                .as("nothing is missing that had not come")
                .allMatch(p -> p.get("missingMarks").asInt() == 0);

        String bench = "/api/roasts/" + later.get("id").asLong() + "/sample";
        assertThat(lab.get(bench).body().get("roastedG").asDouble()).isEqualTo(8);
        assertThat(lab.get(bench).body().has("weightLossPct")).isFalse();
        assertThat(lab.put("/api/roasts/" + later.get("id").asLong() + "/accepted", "{\"accepted\":true}")
                        .status())
                .isEqualTo(409);
        // 118 g in, 90 and 14 g out
        String whole = "/api/roasts/" + batch + "/sample";
        lab.put(whole, "{\"greenG\":118,\"roastedG\":90}");
        assertThat(lab.get(whole).body().get("pulledG").asDouble()).isEqualTo(14);
        assertThat(lab.get(whole).body().get("weightLossPct").asDouble()).isCloseTo(11.86, within(0.01));
        // weighed again, it counts so
        lab.put(bench, "{\"roastedG\":10,\"version\":1}");
        assertThat(lab.get(whole).body().get("pulledG").asDouble()).isEqualTo(16);
    }

    @Test
    void aDropThatIsTakenBackTakesItsPullsBackAndTheyAreKeptWithTheNext() throws Exception {
        charge();
        await("turned", s -> s.has("turning"));
        assertThat(pull(6)).isEqualTo(200);
        endRoast();
        long first = state().get("batch").get("roastId").asLong();
        assertThat(pullsOf(first)).hasSize(1);
        int drop = state().get("entries").size();
        assertThat(lab.delete(desk("/entries/" + drop)).status()).isEqualTo(200);
        assertThat(pullsOf(first)).isEmpty();
        endRoast();
        assertThat(pullsOf(state().get("batch").get("roastId").asLong())).hasSize(1);
    }

    @Test
    void aWarmUpIsKeptAsOneAndCanBeSaidAfterwards() throws Exception {
        charge();
        assertThat(lab.post(desk("/controls"), "{\"control\":\"warm-up\",\"value\":1}")
                        .body()
                        .get("batch")
                        .get("warmUp")
                        .asBoolean())
                .isTrue();
        endRoast();
        long id = state().get("batch").get("roastId").asLong();
        assertThat(lab.get("/api/roasts/" + id).body().get("kind").asString()).isEqualTo("warm-up");
        assertThat(lab.put("/api/roasts/" + id + "/accepted", "{\"accepted\":true}")
                        .status())
                .isEqualTo(409);
        assertThat(lab.get("/api/rest/shelf").body().toString()).doesNotContain("\"roastId\":" + id + ",");
        assertThat(lab.get(desk("/day")).body().toString()).doesNotContain("\"roastId\":" + id + ",");
        String warmUp = "/api/roasts/" + id + "/warm-up";
        assertThat(lab.put(warmUp, "{\"warmUp\":false}").body().get("kind").asString())
                .isEqualTo("batch");
        assertThat(lab.put("/api/roasts/" + id + "/accepted", "{\"accepted\":true}")
                        .status())
                .isEqualTo(200);
        JsonNode again = lab.put(warmUp, "{\"warmUp\":true}").body();
        assertThat(again.get("accepted").asBoolean()).isFalse();
    }
}
