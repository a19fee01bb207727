package barrowmist.server.blend;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Blends: thought through, kept, and tried at the table. */
@LabTest
class BlendsTest {

    private final Lab lab;

    BlendsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long roast(long lot) {
        return lab.csv(
                        "/api/lots/" + lot + "/roasts?again=true&greenG=120&roastedG=104.4",
                        "# roasted_at: 2026-03-02T09:10\n" + KnownLog.csv(false))
                .id();
    }

    private static String sheet(String what, double each) {
        return """
                {%s,"cupper":"Ines K.","words":[{"word":"citrus","cups":[1,2,3,4,5]}],
                "attributes":{"fragranceAroma":%2$s,"flavour":%2$s,"aftertaste":%2$s,"acidity":%2$s,"body":%2$s,
                "balance":%2$s,"overall":%2$s}}""".formatted(what, each);
    }

    private static String parts(String name, long a, long b, int shareOfB) {
        return "{\"name\":\"%s\",\"kg\":10,\"parts\":[{\"lotId\":%d,\"share\":60},{\"lotId\":%d,\"share\":%d}]}"
                .formatted(name, a, b, shareOfB);
    }

    @Test
    void aBlendIsThoughtThroughAndNothingIsKept() {
        long a = lab.lot("washed");
        long b = lab.lot("natural");
        long roast = roast(a);
        long table = lab.post("/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[" + roast + "]}")
                .id();
        lab.post("/api/cuppings/" + table + "/sheets", sheet("\"roastId\":" + roast, 7.75));
        JsonNode blend = lab.post("/api/blends/estimate", parts("", a, b, 40)).body();
        assertThat(blend.has("score")).as("one part was never cupped").isFalse();
        // 6 kg roasted, 13 % lost
        assertThat(blend.at("/needed/0/greenKg").asDouble()).isBetween(6.89, 6.90);
        assertThat(blend.at("/needed/1").has("greenKg")).isFalse();
        assertThat(blend.at("/words/0/word").asString()).isEqualTo("citrus");
        assertThat(blend.at("/words/0/share").asDouble()).isEqualTo(0.6);
        assertThat(lab.post("/api/blends/estimate", parts("", a, b, 30)).status())
                .isEqualTo(422);
        assertThat(lab.post("/api/blends/estimate", parts("", a, a, 40)).status())
                .as("one lot twice")
                .isEqualTo(422);
        assertThat(lab.post("/api/blends/estimate", "{}").status()).isEqualTo(422);
        assertThat(lab.get("/api/blends").body().toString()).doesNotContain("Test Hill, Test Hill");
    }

    @Test
    void itIsKeptUnderOneNameAndTwoWhoChangeItAreTold() {
        long a = lab.lot("washed");
        long b = lab.lot("natural");
        assertThat(lab.post("/api/blends", parts(" ", a, b, 40)).status()).isEqualTo(422);
        assertThat(lab.post("/api/blends", parts("No lot", a, 999_999, 40)).status())
                .isEqualTo(404);
        Lab.Answer made = lab.post("/api/blends", parts("House morning", a, b, 40));
        assertThat(made.status()).as("%s", made.body()).isEqualTo(201);
        assertThat(lab.post("/api/blends", parts("house MORNING", a, b, 40)).status())
                .isEqualTo(422);
        String at = "/api/blends/" + made.id();
        long version = lab.get(at).body().get("version").asLong();
        String changed = parts("House evening", a, b, 40).replace("\"kg\":10", "\"kg\":20,\"version\":" + version);
        assertThat(lab.put(at, changed).body().get("kg").asDouble()).isEqualTo(20);
        assertThat(lab.put(at, changed).status()).as("made from the old one").isEqualTo(409);
        assertThat(lab.get("/api/blends").body().toString())
                .contains("House evening", "60 % Test Hill")
                .doesNotContain("House morning");
        assertThat(lab.delete(at).status()).isEqualTo(204);
        assertThat(lab.get(at).status()).isEqualTo(404);
    }

    @Test
    void itsTrialIsLaidBlindBesideItsPartsAndToldOnceRevealed() {
        long a = lab.lot("washed");
        long b = lab.lot("natural");
        String at = "/api/blends/"
                + lab.post("/api/blends", parts("Trial of two", a, b, 40)).id();
        Lab.Answer early = lab.post(at + "/trials", "{}");
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.body().toString()).contains("was never roasted");
        roast(a);
        roast(b);
        String table = "/api/cuppings/"
                + lab.post(at + "/trials", "{}").body().get("cuppingId").asLong();
        JsonNode laid = lab.get(table).body();
        assertThat(laid.get("samples")).hasSize(3);
        assertThat(laid.toString()).doesNotContain("Trial of two");
        JsonNode key = lab.get(table + "/key").body();
        for (JsonNode s : key.get("samples")) {
            double each = s.toString().contains("Trial of two") ? 8 : 7.5;
            lab.post(table + "/sheets", sheet("\"code\":\"" + s.get("code").asString() + "\"", each));
        }
        assertThat(lab.get(at).body().at("/trials/0/text").asString()).isEqualTo("Not revealed yet.");
        assertThat(lab.get(at).body().at("/trials/0").has("score")).isFalse();
        lab.post(table + "/reveal", "{}");
        JsonNode trial = lab.get(at).body().at("/trials/0");
        assertThat(trial.get("score").asDouble()).isEqualTo(86);
        assertThat(trial.get("expected").asDouble()).isEqualTo(82.5);
        assertThat(trial.get("text").asString()).contains("more than its parts suggest");
        // changed afterwards, it is still told as it was laid
        lab.put(at, parts("Trial of two, renamed", a, b, 40).replace("\"share\":60", "\"share\":60.4"));
        JsonNode later = lab.get(at).body().at("/trials/0");
        assertThat(later.get("expected").asDouble()).isEqualTo(82.5);
        assertThat(later.get("of").asString()).isEqualTo("60 % Test Hill, 40 % Test Hill");
        assertThat(lab.delete(at).status()).as("its table stays").isEqualTo(204);
        assertThat(lab.get(table).status()).isEqualTo(200);
    }
}
