package barrowmist.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Every operation of the API document, asked by each role: a new one is refused here until it is in the list. */
@LabTest
@TestPropertySource(properties = "lab.of=roles")
class RolesTest {

    /** Open to anybody, each with a guard of its own. */
    private static final List<String> WITHOUT_AN_ACCOUNT = List.of(
            "GET /api/session",
            "POST /api/cuppings/join",
            "POST /api/session",
            "POST /api/session/first",
            "POST /api/session/recovery");

    private final Lab lab;

    RolesTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @Test
    void eachRoleMayAskForWhatTheListSaysAndNothingElse() throws IOException {
        Lab lead = lab.lead();
        Map<Role, Lab> scripts = new HashMap<>();
        for (Role role : Role.values()) {
            JsonNode made = lead.post("/api/tokens", "{\"name\":\"%s\",\"role\":\"%1$s\"}".formatted(role))
                    .body();
            scripts.put(role, lab.as("Bearer " + made.get("token").asString()));
        }
        List<String> found = new ArrayList<>();
        for (String operation : operations(lead)) {
            String method = operation.split(" ")[0];
            String path = operation.split(" ")[1].replaceAll("\\{[^}]*}", "999999");
            StringBuilder may = new StringBuilder();
            for (Role role : Role.values()) {
                boolean allowed = scripts.get(role).send(method, path, "{}").status() != 403;
                may.append(allowed ? role.name().substring(0, 2).toLowerCase(Locale.ROOT) : "--")
                        .append(' ');
            }
            found.add(may + operation);
            assertThat(lab.from("192.0.2.7").send(method, path, "{}").status() == 401)
                    .as("without an account: " + operation)
                    .isNotEqualTo(WITHOUT_AN_ACCOUNT.contains(operation));
        }
        assertThat(found).isEqualTo(lines());
    }

    private static List<String> operations(Lab lead) {
        TreeSet<String> operations = new TreeSet<>();
        JsonNode paths = lead.get("/v3/api-docs").body().get("paths");
        paths.properties()
                .forEach(p -> p.getValue()
                        .propertyNames()
                        .forEach(verb -> operations.add(verb.toUpperCase(Locale.ROOT) + " " + p.getKey())));
        return List.copyOf(operations);
    }

    private static List<String> lines() throws IOException {
        try (InputStream in = RolesTest.class.getResourceAsStream("role-operations.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        }
    }
}
