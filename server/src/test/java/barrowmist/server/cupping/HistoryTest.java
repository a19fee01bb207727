package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** How cuppers have scored, and what the panel says attribute by attribute. */
@LabTest
class HistoryTest {

    private static int labs;

    private final Lab lab;
    /** Other tests of this lab have cuppers too. */
    private final String ines = "ines h" + labs;

    private final String tobin = "tobin h" + labs++;
    private String table;

    HistoryTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aTableOfTwo() {
        long lot = lab.lot("washed");
        long first =
                lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        table = "/api/cuppings/"
                + lab.post("/api/cuppings", """
                {"blind":"coded","samples":[{"roastId":%d,"times":2},{"outside":{"name":"A bag"}}]}""".formatted(first)).id();
        JsonNode samples = lab.get(table + "/key").body().get("samples");
        for (int i = 0; i < 3; i++) {
            boolean bag = samples.get(i).has("outside");
            score(samples.get(i).get("code").asString(), ines, bag ? 8 : 7, "word of " + ines);
            score(samples.get(i).get("code").asString(), tobin, bag ? 7.5 : 7.25, "berry");
        }
        JsonNode lotNow = lab.get("/api/lots/" + lot).body();
        lab.put("/api/lots/" + lot, """
                {"name":"L","supplier":"S","origin":"Burundi","process":"washed","arrivalDate":"%s","kg":60,
                "supplierNotes":" Orange, sugar "}""".formatted(lotNow.get("arrivalDate").asString()));
    }

    private void score(String code, String cupper, double each, String word) {
        assertThat(lab.post(table + "/sheets", """
                {"code":"%s","cupper":"%s","words":[{"word":"%s","cups":[1,2]}],"cups":[{"defect":"taint"},{},{},{},{}],
                "attributes":{"fragranceAroma":%4$s,"flavour":%4$s,"aftertaste":%4$s,"acidity":%4$s,"body":%4$s,
                "balance":%4$s,"overall":%4$s}}""".formatted(code, cupper, word, String.valueOf(each)))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void aTableThatIsNotRevealedIsInNobodysHistory() {
        assertThat(lab.get("/api/cuppers").body().toString()).doesNotContain(ines, tobin);
        assertThat(lab.get("/api/cuppers/" + ines + "/history").status()).isEqualTo(404);
        assertThat(lab.get("/api/vocabulary/lately").body().toString()).doesNotContain("word of " + ines);
    }

    @Test
    void offsetUseOfTheScaleAndRepeatsAreSaid() {
        lab.post(table + "/reveal", "{}");
        assertThat(lab.get("/api/cuppers").body().toString()).contains(ines, tobin);
        JsonNode hers = lab.get("/api/cuppers/" + ines + "/history").body();
        // 7 attributes: Ines 49, 49, 56; Tobin 50.75, 50.75, 52.5; the table's mean is 51.333…
        assertThat(hers.get("offset").asDouble()).isCloseTo(154 / 3.0 - 308 / 6.0, within(1e-9));
        // spread 4.04 of hers, 2.53 of the means of the samples
        assertThat(hers.get("scale").asDouble()).isCloseTo(7 / 4.375, within(1e-9));
        assertThat(hers.get("repeats").asDouble()).isZero();
        assertThat(hers.at("/tables/0/cuppers").asInt()).isEqualTo(2);
        assertThat(hers.get("words").get(0).asString()).isEqualTo("word of " + ines);
        assertThat(lab.get("/api/vocabulary/lately").body().toString()).contains("word of " + ines);
    }

    @Test
    void aPanelSaysEachAttributeWordAndFaultyCupAndWhatTheSupplierSays() {
        lab.post(table + "/reveal", "{}");
        JsonNode samples = lab.get(table + "/panel").body().get("samples");
        assertThat(samples).anySatisfy(s -> {
            assertThat(s.get("roastId")).isNotNull();
            assertThat(s.get("supplierSays").asString()).isEqualTo("Orange, sugar");
            assertThat(s.get("cups").asInt()).isEqualTo(10);
            assertThat(s.get("faultyCups").asInt()).isEqualTo(2);
            assertThat(s.at("/attributes/0/median").asDouble()).isEqualTo(7.125);
            assertThat(s.at("/attributes/0/low").asDouble()).isEqualTo(7);
            assertThat(s.at("/attributes/0/high").asDouble()).isEqualTo(7.25);
            assertThat(s.at("/words/0/cuppers").asInt()).isEqualTo(1);
            assertThat(s.at("/words/0/cups").asInt()).isEqualTo(2);
            assertThat(s.get("freed").asDouble()).isCloseTo(s.get("mean").asDouble(), within(1e-9));
        });
    }
}
