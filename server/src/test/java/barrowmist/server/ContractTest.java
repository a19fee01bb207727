package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The committed contract, from which the front end's types are made, is what the server offers. After a wanted change:
 * {@code mvn -pl core,web,server test -Dtest=ContractTest -Dcontract.write=true}.
 */
@LabTest
class ContractTest {

    private static final Path COMMITTED = Path.of("..", "contract", "openapi.json");
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    private final Lab lab;

    ContractTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @Test
    void theCommittedContractIsTheServers() throws IOException {
        JsonNode offered = lab.get("/v3/api-docs").body();
        if (Boolean.getBoolean("contract.write")) {
            Object sorted = JSON.treeToValue(offered, Object.class);
            Files.writeString(COMMITTED, JSON.writeValueAsString(sorted) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(COMMITTED)))
                .as("the contract drifted: write it anew as this class says")
                .isEqualTo(offered);
    }

    @Test
    void theStablePathsAreThere() {
        JsonNode paths = lab.get("/v3/api-docs").body().get("paths");
        assertThat(paths.propertyNames())
                .contains(
                        "/api/lots",
                        "/api/lots/{id}",
                        "/api/lots/{lotId}/roasts",
                        "/api/roasts/{id}",
                        "/api/roasts/{id}/analysis",
                        "/api/roasts/{id}/sample",
                        "/api/cuppings",
                        "/api/cuppings/{id}/sheets",
                        "/api/roasts/{id}/trace");
    }
}
