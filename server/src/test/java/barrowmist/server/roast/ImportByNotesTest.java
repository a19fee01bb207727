package barrowmist.server.roast;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Logs that say themselves where they belong, as many are imported in one go. */
@LabTest
class ImportByNotesTest {

    private static final String LOG = KnownLog.csv(false);

    private final Lab lab;

    ImportByNotesTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long lot(String name, String supplier) {
        return lab.post("/api/lots", """
                        {"name":"%s","supplier":"%s","origin":"Burundi","process":"washed","arrivalDate":"2026-01-05",
                         "kg":60}
                        """.formatted(name, supplier)).id();
    }

    private Answer send(String notes) {
        return lab.csv("/api/roasts", notes + LOG);
    }

    private static List<String> problems(Answer refused) {
        assertThat(refused.status()).isEqualTo(422);
        return refused.body()
                .get("problems")
                .valueStream()
                .map(p -> p.get("message").asString())
                .toList();
    }

    @Test
    void theNotesNameTheLotTheRoasterAndTheWeights() {
        long lotId = lot("Nyabi Terrace", "Noted");
        long machineId = lab.post("/api/machines", "{\"name\":\"Noted drum\"}").id();
        Answer roast = send("""
                # lot: nyabi terrace
                # machine: noted drum
                # green_g: 120,5
                # roasted_g: 104.4
                # roasted_at: 2026-03-02T09:10
                """);
        assertThat(roast.status()).isEqualTo(201);
        assertThat(roast.body().get("lotId").asLong()).isEqualTo(lotId);
        assertThat(roast.body().get("machineId").asLong()).isEqualTo(machineId);
        assertThat(roast.body().get("roastedAt").asString()).startsWith("2026-03-0");
        Answer sample = lab.get("/api/roasts/" + roast.id() + "/sample");
        assertThat(sample.body().get("greenG").asDouble()).isEqualTo(120.5);
        assertThat(sample.body().get("roastedG").asDouble()).isEqualTo(104.4);
    }

    @Test
    void aLogWithoutADateIsAsOldAsItsFile() {
        lot("Undated Slope", "Noted");
        Answer roast = lab.csv("/api/roasts?fileAt=2025-11-03T08:00:00Z", "# lot: Undated Slope\n" + LOG);
        assertThat(roast.body().get("roastedAt").asString())
                .as("written when its ten minutes had ended")
                .isEqualTo("2025-11-03T07:50:00Z");
        Answer dated = lab.csv(
                "/api/roasts?fileAt=2025-11-03T08:00:00Z&again=true",
                "# lot: Undated Slope\n# roasted_at: 2025-06-01T10:00:00Z\n" + LOG);
        assertThat(dated.body().get("roastedAt").asString()).isEqualTo("2025-06-01T10:00:00Z");
    }

    @Test
    void whatTheNotesLeaveOpenOrNameWronglyIsSaidAllAtOnce() {
        assertThat(problems(send("")))
                .containsExactly(
                        "The log does not say which lot was roasted: add a line \"# lot: its name\", or choose the lot");
        assertThat(problems(send("# lot: Nowhere\n# machine: None\n# sample: bought\n# green_g: a cup\n")))
                .containsExactly(
                        "There is no lot called Nowhere: enter it first, or choose the lot",
                        "There is no roaster called None: enter it first, or choose the roaster",
                        "stage is \"bought\", expected offer, pre-shipment, arrival or retained",
                        "green_g is \"a cup\", expected grams such as 120.5");
    }

    @Test
    void oneNameForTwoLotsNeedsTheSupplier() {
        lot("Twin Ridge", "East Green");
        long west = lot("Twin Ridge", "West Green");
        assertThat(problems(send("# lot: Twin Ridge\n")))
                .containsExactly("There are 2 lots called Twin Ridge: add a line \"# supplier: its name\", or choose"
                        + " the lot");
        assertThat(send("# lot: Twin Ridge\n# supplier: west green\n")
                        .body()
                        .get("lotId")
                        .asLong())
                .isEqualTo(west);
    }

    @Test
    void theSameLogTwiceIsToldAndAWrongParameterToo() {
        lot("Twice Hill", "Noted");
        long first = send("# lot: Twice Hill\n").id();
        Answer again = send("# lot: Twice Hill\n");
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.body().get("roastId").asLong()).isEqualTo(first);
        assertThat(lab.csv("/api/roasts?machineId=two", LOG).status()).isEqualTo(400);
    }
}
