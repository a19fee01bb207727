package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** What people and scripts send by mistake: each is refused with a sentence, and nothing is kept. */
@LabTest
class BadInputTest {

    private final Lab lab;
    private long lotId;

    BadInputTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void enterLot() {
        lotId = lab.lot("washed");
    }

    private Answer importLog(String query, String log) {
        return lab.csv("/api/lots/" + lotId + "/roasts" + query, log);
    }

    private int kept() {
        return lab.get("/api/lots/" + lotId + "/roasts").body().size();
    }

    @Test
    void aWrongLotNamesEveryField() {
        Answer refused = lab.post("/api/lots", "{\"name\":\"\",\"kg\":-1,\"moisturePct\":55}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems"))
                .extracting(p -> p.get("field").asString())
                .contains("name", "supplier", "origin", "process", "arrivalDate", "kg", "moisturePct");
    }

    @Test
    void aProcessThatIsNoneIsNamedWithThoseThatAre() {
        Answer refused = lab.post("/api/lots", "{\"process\":\"boiled\"}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").get(0).get("message").asString())
                .isEqualTo("process is \"boiled\", expected washed, natural, honey, wet-hulled or other");
    }

    @Test
    void anUnknownFieldIsNamedWithThoseThatAreKnown() {
        Answer refused = lab.post("/api/lots", "{\"moisture\":10}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").get(0).get("message").asString())
                .startsWith("moisture is not a field here, expected one of arrivalDate, densityGPerL");
    }

    @Test
    void textForANumberAndBrokenJsonAreSaidSo() {
        Answer text = lab.post("/api/lots", "{\"kg\":\"sixty\"}");
        assertThat(text.body().get("problems").get(0).get("field").asString()).isEqualTo("kg");
        assertThat(lab.post("/api/lots", "{").status()).isEqualTo(422);
    }

    @Test
    void aLogWithProblemsListsThemByLineAndKeepsNothing() {
        String log = KnownLog.csv(false).replace("\n5,", "\nfive,").replace("\n9,", "\n2,");
        Answer refused = importLog("", log);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("reason").asString()).isEqualTo("problems");
        assertThat(refused.body().get("problems"))
                .extracting(p -> p.get("line").asInt())
                .containsExactly(7, 11);
        assertThat(kept()).isZero();
    }

    @Test
    void unknownHeadingsAskAndTheAnswerIsHeeded() {
        String log = KnownLog.csv(false).replace("bean_c", "BT");
        Answer asked = importLog("", log);
        assertThat(asked.body().get("reason").asString()).isEqualTo("unknown-headings");
        assertThat(asked.body().get("unknown").get(0).asString()).isEqualTo("BT");
        assertThat(asked.body().get("detail").asString()).startsWith("Line 1:");
        assertThat(importLog("?map=BT:bean_c", log).status()).isEqualTo(201);
        assertThat(importLog("?map=BT:beans", log).status()).isEqualTo(422);
    }

    @Test
    void figuresThatAreHardlyCelsiusAsk() {
        String hot = KnownLog.csv(false).replaceFirst("0,19\\d", "0,370");
        Answer asked = importLog("", hot);
        assertThat(asked.body().get("reason").asString()).isEqualTo("asks-unit");
        assertThat(importLog("?celsius=is-fahrenheit", hot).status()).isEqualTo(201);
        assertThat(importLog("?celsius=kelvin", hot).status()).isEqualTo(422);
    }

    @Test
    void aHugeFileIsRefusedWithItsSize() {
        Answer refused = lab.csv("/api/lots/" + lotId + "/roasts", new byte[60 * 1024 * 1024]);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").get(0).get("message").asString())
                .isEqualTo("The file has 60.0 MB: a roast log has at most 5 MB");
    }

    @Test
    void theSameLogTwiceIsKeptOnceUnlessAsked() {
        String log = KnownLog.csv(true);
        long first = importLog("", log).id();
        Answer again = importLog("", log);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.body().get("roastId").asLong()).isEqualTo(first);
        assertThat(kept()).isEqualTo(1);
        assertThat(importLog("?again=true", log).status()).isEqualTo(201);
    }

    @Test
    void wrongWeightsAreRefusedWithTheLog() {
        Answer refused = importLog("?greenG=120&roastedG=150", KnownLog.csv(false));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(kept()).isZero();
    }

    @Test
    void whatIsNotThereIsSaidSo() {
        assertThat(lab.get("/api/roasts/999999").body().get("detail").asString())
                .isEqualTo("There is no roast 999999.");
        assertThat(lab.get("/api/lots/999999/roasts").status()).isEqualTo(404);
        assertThat(importLog("?machineId=999999", KnownLog.csv(false)).status()).isEqualTo(404);
        assertThat(lab.get("/api/nothing").status()).isEqualTo(404);
    }

    @Test
    void twoWindowsOnOneSheetDoNotOverwriteEachOther() {
        long roastId = importLog("", KnownLog.csv(false)).id();
        long cupping = lab.post("/api/cuppings", "{\"roastIds\":[%d],\"cups\":3}".formatted(roastId))
                .id();
        String path = "/api/cuppings/" + cupping + "/sheets";
        Answer sheet = lab.post(path, "{}");
        long version = sheet.body().get("version").asLong();
        String entry = "{\"attributes\":{\"body\":7.25},\"version\":%d}".formatted(version);
        assertThat(lab.put(path + "/" + sheet.id(), entry).status()).isEqualTo(200);
        Answer stale = lab.put(path + "/" + sheet.id(), entry);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().get("detail").asString()).contains("changed in another window");
    }

    @Test
    void aSheetIsCheckedMarkByMark() {
        long roastId = importLog("", KnownLog.csv(false)).id();
        assertThat(lab.post("/api/cuppings", "{\"cups\":4}").status()).isEqualTo(422);
        long cupping = lab.post("/api/cuppings", "{\"roastIds\":[%d]}".formatted(roastId))
                .id();
        String path = "/api/cuppings/" + cupping + "/sheets";
        assertThat(lab.post(path, "{\"attributes\":{\"body\":7.1}}")
                        .body()
                        .get("problems")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("attributes.body");
        assertThat(lab.post(path, "{\"attributes\":{\"bouquet\":7}}").status()).isEqualTo(422);
        assertThat(lab.post(path, "{\"cups\":[{},{},{}]}").status()).isEqualTo(422);
        assertThat(lab.post(path, "{\"form\":\"napkin\"}").status()).isEqualTo(422);
        assertThat(lab.post(path, "{\"words\":[{\"word\":\"flat\",\"cups\":\"all\"}]}")
                        .status())
                .isEqualTo(422);
    }
}
