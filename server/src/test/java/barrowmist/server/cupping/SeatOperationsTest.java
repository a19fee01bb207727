package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What a cupper's token opens, operation by operation. */
@LabTest
@TestPropertySource(properties = "lab.of=seats")
class SeatOperationsTest extends ABlindTable {

    SeatOperationsTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    /** What every operation of the API document is to a cupper; a new one must be put into the list. */
    @Test
    void everyOperationIsInTheListAndAllButTheirOwnAreRefused() throws IOException {
        Set<String> listed = new TreeSet<>(lines());
        Set<String> there = new TreeSet<>();
        Lab ines = seated("Ines");
        Lab leaving = seated("Una");
        JsonNode paths = lab.get("/v3/api-docs").body().get("paths");
        paths.propertyNames()
                .forEach(path -> paths.get(path).propertyNames().forEach(verb -> {
                    String method = verb.toUpperCase(Locale.ROOT);
                    boolean own = listed.contains("own " + method + " " + path);
                    there.add((own ? "own " : "no  ") + method + " " + path);
                    // whoever gets up asks nothing more
                    Lab asking = path.endsWith("/seat") ? leaving : ines;
                    Answer answer = asking.send(method, filled(path), "{}");
                    if (own) {
                        assertThat(answer.status()).as(method + path).isNotIn(401, 403, 500);
                        assertThat(answer.body().toString()).as(method + path).doesNotContainPattern(TELLS);
                    } else {
                        assertThat(answer.status()).as(method + path).isEqualTo(403);
                    }
                }));
        assertThat(there).isEqualTo(listed);
    }

    private String filled(String path) {
        return path.replace("/api/cuppings/{id}", table)
                .replace("{code}", codes.get(0))
                .replace("{cupper}", "Ines")
                .replaceAll("\\{[^}]*}", "1");
    }

    private static List<String> lines() throws IOException {
        try (InputStream in = SeatOperationsTest.class.getResourceAsStream("seat-operations.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        }
    }
}
