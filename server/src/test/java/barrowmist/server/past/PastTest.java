package barrowmist.server.past;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Finding what came before, in the demo laboratory. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class PastTest {

    private static final int CUPPED = 56;
    private final Lab lab;

    PastTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void allIsWorkedOut() throws InterruptedException {
        for (int i = 0; i < 200 && told() < CUPPED; i++) {
            Thread.sleep(100);
        }
        assertThat(told()).isGreaterThanOrEqualTo(CUPPED);
    }

    private long told() {
        long told = 0;
        for (JsonNode row : traces("")) {
            told += row.get("sound") == null ? 0 : 1;
        }
        return told;
    }

    private JsonNode traces(String query) {
        return lab.get("/api/traces" + query).body();
    }

    @Test
    void roastsAreFoundByTheirTaste() {
        JsonNode ashy = traces("?word=ashy");
        assertThat(ashy.size()).isBetween(5, 30);
        for (JsonNode row : ashy) {
            String words = lab.get("/api/roasts/" + row.get("roastId").asLong() + "/trace")
                    .body()
                    .get("words")
                    .toString();
            assertThat(words).contains("\"ashy\"");
        }
        // a part of a word is none; a synonym is its word
        assertThat(traces("?word=urn")).isEmpty();
        assertThat(traces("?word=bread").size())
                .isEqualTo(traces("?word=bready").size())
                .isPositive();
        assertThat(traces("?word=ashy&cause=baked")).isEmpty();
        assertThat(traces("?least=84&most=85"))
                .isNotEmpty()
                .allSatisfy(row -> assertThat(row.get("finalScore").asDouble()).isBetween(84.0, 85.0));
    }

    @Test
    void theMostLikeCurvesComeFirstWithWhatCameOfThem() {
        long crashed = 0;
        for (JsonNode row : traces("?cause=baked")) {
            if (row.get("lotName").asString().equals("Gatovu Hill")) {
                crashed = row.get("roastId").asLong();
            }
        }
        List<Double> likeness = new ArrayList<>();
        JsonNode like = lab.get("/api/roasts/" + crashed + "/trace/like").body();
        for (JsonNode l : like) {
            assertThat(l.at("/roast/roastId").asLong()).isNotEqualTo(crashed);
            likeness.add(l.get("likeness").asDouble());
        }
        assertThat(likeness).hasSize(8).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(like.get(0).at("/roast/cause").asString())
                .as("another crash is most like a crash: %s", like)
                .isEqualTo("baked");
    }

    @Test
    void aWholeLotAndAWholeTableAreTraced() {
        long lot = 0;
        for (JsonNode l : lab.get("/api/lots").body()) {
            lot = l.get("name").asString().equals("Gatovu Hill") ? l.get("id").asLong() : lot;
        }
        JsonNode view = lab.get("/api/lots/" + lot + "/trace").body();
        assertThat(view.get("says").asString())
                .isEqualTo("baked in 1 of 2 cupped roasts: that roast, and not the lot.");
        assertThat(view.get("roasts")).hasSize(2);
        JsonNode proof = lab.get("/api/trace-record").body().at("/proofs/0");
        JsonNode table = lab.get("/api/cuppings/" + proof.get("cuppingId").asLong() + "/trace")
                .body();
        assertThat(table.get("of").asInt()).isEqualTo(2);
        assertThat(table.has("says")).isFalse();
        assertThat(lab.get("/api/lots/9999/trace").status()).isEqualTo(404);
    }

    @Test
    void causesAreCountedByWhateverIsAsked() {
        for (String by : List.of("machine", "process", "supplier", "person", "month")) {
            JsonNode view = lab.get("/api/traces/over-time?by=" + by).body();
            int cupped = 0;
            for (JsonNode group : view.get("groups")) {
                cupped += group.get("cupped").asInt();
            }
            assertThat(cupped).isGreaterThanOrEqualTo(CUPPED);
            assertThat(view.get("trends").toString()).contains("scorched");
        }
        assertThat(lab.get("/api/traces/over-time?by=person")
                        .body()
                        .get("groups")
                        .toString())
                .contains("Marit O.", "Joss A.");
        assertThat(lab.get("/api/traces/over-time?by=taste").status()).isEqualTo(422);
    }
}
