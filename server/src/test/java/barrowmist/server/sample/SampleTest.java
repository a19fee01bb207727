package barrowmist.server.sample;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@LabTest
class SampleTest {

    private final Lab lab;

    SampleTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private String bench() {
        long lot = lab.lot("washed");
        return "/api/roasts/"
                + lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id() + "/sample";
    }

    @Test
    void figuresNotMeasuredAreLeftOutAndNeverZero() {
        String bench = bench();
        assertThat(lab.get(bench).body().propertyNames()).containsExactly("roastId", "version");
        Answer kept = lab.put(bench, "{\"counts\":{\"quakers\":0},\"oneColourThrough\":false}");
        assertThat(kept.body().propertyNames())
                .containsExactlyInAnyOrder("roastId", "counts", "quakersPer100g", "oneColourThrough", "version");
    }

    @Test
    void whatWasCountedInLessThan100GramsIsScaledAndSaid() {
        String bench = bench();
        Answer kept = lab.put(
                bench,
                "{\"counts\":{\"ofG\":80,\"quakers\":2,\"scorched\":0,\"tipped\":0,\"shells\":4,\"peaberries\":3}}");
        assertThat(kept.body().get("quakersPer100g").asInt()).isEqualTo(3);
        assertThat(kept.body().get("shellsPer100g").asInt()).isEqualTo(5);
        assertThat(kept.body().at("/counts/quakers").asInt()).isEqualTo(2);
        String verdict = lab.get(bench + "/verdict").body().toString();
        assertThat(verdict).contains("3 (2 in 80 g)").contains("4 peaberries in 100 g. Sound: they stay in.");
        assertThat(lab.put(bench, "{\"counts\":{\"ofG\":2,\"quakers\":2}}").status())
                .isEqualTo(422);
    }

    @Test
    void theLookIsKeptAndSaidByTheKindOfCoffee() {
        long natural = lab.lot("natural");
        String bench = "/api/roasts/"
                + lab.csv("/api/lots/" + natural + "/roasts", KnownLog.csv(false))
                        .id() + "/sample";
        lab.put(
                bench,
                "{\"look\":{\"evenness\":\"mixed\",\"surface\":\"oily\",\"swollen\":false,\"hue\":\"reddish\"}}");
        assertThat(lab.get(bench).body().at("/look/hue").asString()).isEqualTo("reddish");
        assertThat(lab.get(bench + "/verdict").body().get("notes").toString())
                .contains("Redder and more varied is usual for a natural.")
                .contains("Oily")
                .contains("Not swollen");
    }

    @Test
    void aFigureCanBeTakenBack() {
        String bench = bench();
        lab.put(bench, "{\"colourWhole\":58,\"colourGround\":63}");
        lab.put(bench, "{\"colourWhole\":58}");
        assertThat(lab.get(bench).body().get("colourGround")).isNull();
        assertThat(lab.get(bench).body().get("colourGap")).isNull();
    }

    @Test
    void aRefusedFigureLeavesWhatWasKept() {
        String bench = bench();
        lab.put(bench, "{\"greenG\":120,\"roastedG\":104}");
        assertThat(lab.put(bench, "{\"greenG\":120,\"roastedG\":121}").status()).isEqualTo(422);
        assertThat(lab.get(bench).body().get("roastedG").asDouble()).isEqualTo(104);
    }

    @Test
    void aSampleBelongsToARoast() {
        assertThat(lab.get("/api/roasts/424242/sample").status()).isEqualTo(404);
        assertThat(lab.put("/api/roasts/424242/sample", "{}").status()).isEqualTo(404);
    }
}
