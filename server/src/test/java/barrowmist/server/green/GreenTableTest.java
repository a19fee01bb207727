package barrowmist.server.green;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Lots and inspections out as a table and in again. */
@LabTest
@TestPropertySource(properties = "lab.of=green")
class GreenTableTest {

    private final Lab lab;
    private final MockMvc mvc;

    GreenTableTest(@Autowired MockMvc mvc) {
        this.mvc = mvc;
        lab = new Lab(mvc);
    }

    private String table() throws Exception {
        return mvc.perform(MockMvcRequestBuilders.get("/api/lots.csv"))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aTableIsReadOnceAndReadingItAgainChangesNothing() throws Exception {
        String csv = "name,supplier,origin,process,arrival_date,kg,stage,moisture_pct,defect_broken\n"
                + "Cloud Step,Vane,Burundi,washed,2026-01-05,60,arrival,11.2,12\n"
                + "Cloud Step,Vane,Burundi,washed,2026-01-05,60,pre-shipment,10.8,4\n";
        Answer first = lab.csv("/api/lots.csv", csv);
        assertThat(first.status()).isEqualTo(200);
        assertThat(first.body().get("lots").asInt()).isEqualTo(1);
        assertThat(first.body().get("samples").asInt()).isEqualTo(2);
        String written = table();
        assertThat(written).contains("Cloud Step,Vane,Burundi,washed,2026-01-05,60,");
        Answer again = lab.csv("/api/lots.csv", written);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().get("lots").asInt()).isZero();
        assertThat(table()).isEqualTo(written);

        Answer spaced = lab.csv("/api/lots.csv", written.replace("Cloud Step,Vane,", " cloud  STEP ,VANE,"));
        assertThat(spaced.status()).as("the same lot, written otherwise").isEqualTo(200);
        assertThat(spaced.body().get("lots").asInt()).isZero();

        String other = csv.replace("11.2,12", "11.2,13")
                .replace(
                        "Cloud Step,Vane,Burundi,washed,2026-01-05,60,pre",
                        "Other,Vane,Burundi,washed,2026-01-05,60,pre");
        Answer refused = lab.csv("/api/lots.csv", other);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").toString()).contains("has another inspection already");
        assertThat(table()).isEqualTo(written);
    }

    @Test
    void aBrokenTableIsRefusedWithItsLines() {
        Answer refused =
                lab.csv("/api/lots.csv", "name,supplier,origin,process,arrival_date,kg\nA,B,C,fried,2026-01-05,60\n");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").get(0).get("field").asString())
                .isEqualTo("line 2");
        assertThat(lab.csv("/api/lots.csv", new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 0})
                        .body()
                        .toString())
                .contains("not a text file");
    }

    @Test
    void aTableOfAnOlderSpreadsheetKeepsItsLettersAndSaysHowItWasRead() throws Exception {
        String csv =
                "name,supplier,origin,process,arrival_date,kg\nMontanha São João,Vane,Brazil,natural,2026-01-05,60\n";
        Answer read = lab.csv("/api/lots.csv", csv.getBytes(StandardCharsets.ISO_8859_1));
        assertThat(read.body().get("note").asString()).contains("windows-1252", "names with accents");
        assertThat(lab.get("/api/lots").body().toString()).contains("Montanha São João");
    }
}
