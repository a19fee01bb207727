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
        Answer kept = lab.put(bench, "{\"quakersPer100g\":0,\"oneColourThrough\":false}");
        assertThat(kept.body().propertyNames())
                .containsExactlyInAnyOrder("roastId", "quakersPer100g", "oneColourThrough", "version");
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
