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

    private static final String PASSWORD = "heather after rain";

    /** Somebody of each role, signed in. */
    private Map<Role, Lab> people(Lab lead) {
        Map<Role, Lab> people = new HashMap<>();
        for (Role role : Role.values()) {
            lead.post(
                    "/api/people", "{\"name\":\"%s\",\"role\":\"%1$s\",\"password\":\"%s\"}".formatted(role, PASSWORD));
            people.put(role, lab.signedIn(role.name(), PASSWORD));
        }
        return people;
    }

    /** Signed in on another device: wrong passwords are counted by device. */
    private Lab elsewhere(Role role, int device) {
        return lab.from("127.8.0." + device % 250).signedIn(role.name(), PASSWORD);
    }

    @Test
    void eachRoleMayAskForWhatTheListSaysAndNothingElse() throws IOException {
        Lab lead = lab.lead();
        Map<Role, Lab> people = people(lead);
        List<String> found = new ArrayList<>();
        for (String operation : operations(lead)) {
            String method = operation.split(" ")[0];
            String path = operation.split(" ")[1].replaceAll("\\{[^}]*}", "999999");
            StringBuilder may = new StringBuilder();
            for (Role role : Role.values()) {
                // who signs out is somebody else afterwards
                Lab person = path.startsWith("/api/session") ? elsewhere(role, found.size()) : people.get(role);
                boolean allowed = person.send(method, path, "{}").status() != 403;
                may.append(allowed ? role.name().substring(0, 2).toLowerCase(Locale.ROOT) : "--")
                        .append(' ');
            }
            if (path.startsWith("/api/session")) {
                people.replaceAll((role, gone) -> elsewhere(role, found.size()));
            }
            found.add(may + operation);
            assertThat(lab.from("192.0.2.7").send(method, path, "{}").status() == 401)
                    .as("without an account: " + operation)
                    .isNotEqualTo(WITHOUT_AN_ACCOUNT.contains(operation));
        }
        assertThat(found).isEqualTo(lines());
    }

    /** 70 in other words: none of them may reach what 70 itself does not reach. */
    private static final List<String> SPELLINGS = List.of(
            "0x46",
            "0X46",
            "+70",
            "%2070",
            "%2346",
            "070",
            "70%20",
            "%D9%A7%D9%A0",
            "%EF%BC%97%EF%BC%90",
            "70.0",
            "7_0");

    @Test
    void anIdThatIsSpelledOtherwiseOpensNothing() throws IOException {
        Lab lead = lab.lead();
        Map<Role, Lab> people = people(lead);
        for (String operation : operations(lead)) {
            String method = operation.split(" ")[0];
            String pattern = operation.split(" ")[1];
            if (!pattern.matches(".*\\{\\w*([iI]d|seq)}.*") || pattern.matches("/api/(notices|questions)/.*")) {
                continue;
            }
            for (Role role : Role.values()) {
                boolean refused = people.get(role)
                                .send(method, pattern.replaceAll("\\{[^}]*}", "70"), "{}")
                                .status()
                        == 403;
                for (String spelling : SPELLINGS) {
                    String path =
                            pattern.replaceAll("\\{\\w*([iI]d|seq)}", spelling).replaceAll("\\{[^}]*}", "70");
                    int status = people.get(role).send(method, path, "{}").status();
                    assertThat(status)
                            .as(role + " " + method + " " + path)
                            .isIn(refused ? List.of(403) : List.of(400, 415));
                }
            }
        }
    }

    @Test
    void aTokenHasNoPasswordNoSessionAndSignsNobodyOut() {
        Lab lead = lab.lead();
        Lab script = lab.browser()
                .as("Bearer "
                        + lead.post("/api/tokens", "{\"name\":\"Stock\",\"role\":\"lead\"}")
                                .body()
                                .get("token")
                                .asString());
        long id = lead.get("/api/people").body().get(0).get("id").asLong();
        String passwords = "{\"old\":\"fog on the moor\",\"password\":\"something quite new\"}";
        assertThat(script.put("/api/session/password", passwords).status()).isEqualTo(403);
        assertThat(script.post("/api/session", "{\"name\":\"Maren\",\"password\":\"fog on the moor\"}")
                        .status())
                .isEqualTo(403);
        assertThat(script.delete("/api/session/everywhere").status()).isEqualTo(403);
        assertThat(script.put("/api/people/" + id + "/password", passwords).status())
                .isEqualTo(403);
        assertThat(script.delete("/api/people/" + id + "/sessions").status()).isEqualTo(403);
        assertThat(script.post("/api/tokens", "{\"name\":\"More\",\"role\":\"lead\"}")
                        .status())
                .isEqualTo(403);
        assertThat(script.cookie("barrowmist")).isNull();
        assertThat(lead.get("/api/lots").status()).isEqualTo(200);
        assertThat(script.get("/api/people").status()).isEqualTo(200);
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
