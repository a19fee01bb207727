package barrowmist.server.report;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import barrowmist.server.PrintedPages;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What is told of a lot, a roast and a table. */
@LabTest
class ReportTest {

    private final Lab lab;

    ReportTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long roast(long lot, boolean crash) {
        return lab.csv(
                        "/api/lots/" + lot + "/roasts?again=true&greenG=120&roastedG=104.4",
                        "# roasted_at: 2026-03-02T09:10\n" + KnownLog.csv(crash))
                .id();
    }

    private static String sheet(String what, String word) {
        return """
                {%s,"cupper":"Ines & Co","words":[{"word":"%s","cups":[1,2,3,4,5]}],
                "attributes":{"fragranceAroma":7.75,"flavour":7.75,"aftertaste":7.75,"acidity":7.75,"body":7.75,
                "balance":7.75,"overall":7.75}}""".formatted(what, word);
    }

    private long cupped(long roast) {
        long table = lab.post("/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[" + roast + "]}")
                .id();
        assertThat(lab.post("/api/cuppings/" + table + "/sheets", sheet("\"roastId\":" + roast, "citrus"))
                        .status())
                .isEqualTo(201);
        return table;
    }

    @Test
    void aLotOfWhichNothingIsKnownHasAPageAllTheSame() {
        long lot = lab.lot("washed");
        String text = PrintedPages.text(lab.bytes("/api/lots/" + lot + "/report.pdf"));
        assertThat(text).contains("Test Hill", "Not decided yet", "Inspect the arrival sample");
        JsonNode report = lab.get("/api/lots/" + lot + "/report").body();
        assertThat(report.at("/scores/sheets").asInt()).isZero();
        assertThat(report.get("roasts")).isEmpty();
        assertThat(lab.text("/api/lots/" + lot + "/report.csv")).startsWith("roast_id,");
    }

    @Test
    void cupsOfBeforeARework() {
        long lot = lab.lot("washed");
        cupped(roast(lot, true));
        assertThat(lab.put("/api/lots/" + lot + "/rework", "{\"on\":\"2999-01-01\",\"what\":\"sorted\"}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.put("/api/lots/" + lot + "/rework", "{\"on\":\"%s\"}".formatted(LocalDate.now()))
                        .status())
                .isEqualTo(422);
        JsonNode reworked = lab.put(
                        "/api/lots/" + lot + "/rework",
                        "{\"on\":\"%s\",\"what\":\"sorted again\"}".formatted(LocalDate.now()))
                .body();
        assertThat(reworked.get("rework").asString()).isEqualTo("sorted again");
        assertThat(lab.get("/api/lots/" + lot + "/report")
                        .body()
                        .at("/scores/sheets")
                        .asInt())
                .isZero();
        assertThat(PrintedPages.text(lab.bytes("/api/lots/" + lot + "/report.pdf")))
                .contains("1 sheet of the lot before it was reworked");
        lab.put("/api/lots/" + lot + "/rework", "{}");
        assertThat(lab.get("/api/lots/" + lot + "/report")
                        .body()
                        .at("/scores/sheets")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void whatWasCuppedMeasuredAndDecidedIsTold() {
        long lot = lab.lot("washed");
        long roast = roast(lot, true);
        cupped(roast);
        lab.put(
                "/api/lots/" + lot + "/decision",
                "{\"outcome\":\"buy\",\"use\":\"filter\",\"reason\":\"Clean <in> both & bright\"}");
        String text = PrintedPages.text(lab.bytes("/api/lots/" + lot + "/report.pdf"));
        assertThat(text)
                .contains(
                        "Decided: buy it",
                        "Clean <in> both & bright",
                        "citrus 5/5",
                        "84.25",
                        "first crack",
                        "Ines & Co")
                .contains("crash from", "°C");
        assertThat(PrintedPages.text(lab.bytes("/api/lots/" + lot + "/report.pdf?fahrenheit=true")))
                .contains("°F/min")
                .doesNotContain("°C");
        JsonNode report = lab.get("/api/lots/" + lot + "/report").body();
        assertThat(report.at("/scores/mean").asDouble()).isEqualTo(84.25);
        assertThat(report.at("/scores").has("sd")).as("one sheet has no spread").isFalse();
        assertThat(report.at("/decision/outcome").asString()).isEqualTo("buy");
        assertThat(lab.text("/api/lots/" + lot + "/report.csv")).contains("citrus 5/5");
        assertThat(PrintedPages.text(lab.bytes("/api/roasts/" + roast + "/report.pdf")))
                .contains("84.25", "turning point", "weight loss 13.0 %");
    }

    @Test
    void aClaimHoldsNoCupAgainstTheSupplierThatOurRoastSpoiled() {
        long lot = lab.lot("washed");
        long roast = roast(lot, false);
        cupped(roast);
        String claim = "/api/lots/" + lot + "/claim.pdf";
        assertThat(PrintedPages.text(lab.bytes(claim))).contains("84.25");
        lab.put("/api/roasts/" + roast + "/trace/verdict", "{\"cause\":\"baked\",\"reason\":\"I stalled it\"}");
        assertThat(PrintedPages.text(lab.bytes(claim))).doesNotContain("84.25");
        // mould comes with the green
        lab.put("/api/roasts/" + roast + "/trace/verdict", "{\"cause\":\"green-mould\",\"reason\":\"musty\"}");
        assertThat(PrintedPages.text(lab.bytes(claim))).contains("84.25");
    }

    @Test
    void nothingIsToldOfATableBeforeItIsRevealed() {
        long lot = lab.lot("washed");
        long roast = roast(lot, false);
        JsonNode laid = lab.post("/api/cuppings", "{\"blind\":\"coded\",\"samples\":[{\"roastId\":" + roast + "}]}")
                .body();
        String table = "/api/cuppings/" + laid.get("id").asLong();
        String code = laid.at("/samples/0/code").asString();
        assertThat(lab.post(table + "/sheets", sheet("\"code\":\"" + code + "\"", "citrus"))
                        .status())
                .isEqualTo(201);
        assertThat(lab.status(table + "/report.pdf")).isEqualTo(409);
        for (String path : new String[] {"/api/lots/" + lot, "/api/roasts/" + roast}) {
            assertThat(PrintedPages.text(lab.bytes(path + "/report.pdf"))).doesNotContain("citrus", "84.25");
        }
        assertThat(lab.get("/api/lots/" + lot + "/report").body().toString()).doesNotContain("citrus");
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        assertThat(PrintedPages.text(lab.bytes(table + "/report.pdf"))).contains("citrus 5/5", "84.25");
    }

    @Test
    void theTextOfABagComesFromItsCupsAndTheHouse() {
        long lot = lab.lot("washed");
        cupped(roast(lot, false));
        JsonNode text =
                lab.get("/api/lots/" + lot + "/label-text?roastedOn=2026-03-02").body();
        assertThat(text.get("lines").toString()).contains("Test Hill", "Tastes of citrus", "Best before 2026-06-02");
        assertThat(lab.put("/api/label-settings", "{\"bestForMonths\":0}").status())
                .isEqualTo(422);
        assertThat(lab.put("/api/label-settings", "{\"bestForMonths\":6}").status())
                .isEqualTo(200);
        assertThat(lab.get("/api/lots/" + lot + "/label-text?roastedOn=2026-03-02")
                        .body()
                        .get("bestBy")
                        .asString())
                .isEqualTo("2026-09-02");
        lab.put("/api/label-settings", "{\"bestForMonths\":3}");
    }
}
