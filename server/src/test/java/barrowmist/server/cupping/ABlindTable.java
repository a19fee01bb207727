package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A blind table of three samples, and cuppers who join it by its code. */
abstract class ABlindTable {

    /** Words that would tell: what is under a code is called so, and by these names. */
    static final Pattern TELLS =
            Pattern.compile("roastId|lotId|sampleId|Test Hill|Tester|A bag that was bought|left open");

    final Lab lab;
    long first;
    JsonNode laid;
    String table;
    String joinCode;
    List<String> codes;

    ABlindTable(MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aBlindTable() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        lay("""
                {"blind":"coded","samples":[{"roastId":%d},{"roastId":%1$d,"treatment":"left open"},
                {"outside":{"name":"A bag that was bought"}}]}""".formatted(first));
    }

    void lay(String what) {
        laid = lab.post("/api/cuppings", what).body();
        table = "/api/cuppings/" + laid.get("id");
        joinCode = laid.get("joinCode").asString();
        codes = new ArrayList<>();
        laid.get("samples").forEach(s -> codes.add(s.get("code").asString()));
    }

    Answer join(String code, String cupper) {
        return lab.post("/api/cuppings/join", "{\"joinCode\":\"%s\",\"cupper\":\"%s\"}".formatted(code, cupper));
    }

    Lab seated(String cupper) {
        Answer joined = join(joinCode, cupper);
        assertThat(joined.status()).isEqualTo(201);
        assertThat(joined.body().get("cuppingId").asLong())
                .isEqualTo(laid.get("id").asLong());
        return lab.as("Bearer " + joined.body().get("token").asString());
    }

    static String sheet(String code, String cupper) {
        return """
                {"code":"%s","cupper":"%s","words":[],
                "attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,"acidity":7,"body":7,"balance":7,"overall":7}}""".formatted(code, cupper);
    }
}
