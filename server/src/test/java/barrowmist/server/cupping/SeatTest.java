package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A cupper's token opens one table, blind, until the reveal. */
@LabTest
@TestPropertySource(properties = "lab.of=seats")
class SeatTest extends ABlindTable {

    SeatTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    @Test
    void aCupperSeesCodesAndTheirOwnAndNothingThatTells() {
        Lab ines = seated("Ines");
        Lab tobin = seated("Tobin");
        assertThat(tobin.post(table + "/sheets", sheet(codes.get(0), "Tobin")).status())
                .isEqualTo(201);
        // whatever name is sent, it is the seat's
        Answer own = ines.post(table + "/sheets", sheet(codes.get(1), "Tobin"));
        assertThat(own.body().get("cupper").asString()).isEqualTo("Ines");
        JsonNode seen = ines.get(table + "/table").body();
        assertThat(seen.toString()).doesNotContainPattern(TELLS);
        assertThat(seen.get("sheets")).hasSize(1);
        assertThat(seen.get("codes").toString()).contains(codes);
        assertThat(seen.get("vocabulary")).isNotEmpty();
        long theirs =
                lab.get(table).body().get("progress").get(0).get("sheetId").asLong();
        assertThat(ines.get(table + "/sheets/" + theirs).status()).isEqualTo(404);
        assertThat(ines.put(table + "/sheets/" + theirs, sheet(codes.get(0), "Tobin"))
                        .status())
                .isEqualTo(404);
    }

    /** Williams (1949): over as many cuppers as orders, each sample is first equally often. */
    @Test
    void everyCupperHasTheirOwnOrder() {
        Set<String> firsts = new HashSet<>();
        for (int i = 0; i < 3; i++) {
            firsts.add(seated("Cupper " + i)
                    .get(table + "/table")
                    .body()
                    .get("codes")
                    .get(0)
                    .asString());
        }
        assertThat(firsts).containsExactlyInAnyOrderElementsOf(codes);
    }

    @Test
    void aNameIsTakenOnceUntilTheLeadFreesIt() {
        Lab lost = seated("Ines");
        Lab tobin = seated("Tobin");
        String order = tobin.get(table + "/table").body().get("codes").toString();
        assertThat(join(joinCode.toLowerCase(Locale.ROOT), " Ines ").status()).isEqualTo(409);
        assertThat(lab.delete(table + "/seats/Ines").status()).isEqualTo(204);
        assertThat(lost.get(table + "/table").status()).isEqualTo(401);
        assertThat(lab.get(table).body().get("joined")).hasSize(1);
        JsonNode again = seated("Ines").get(table + "/table").body();
        assertThat(tobin.get(table + "/table").body().get("codes").toString())
                .as("nobody's order changes in the middle of a table")
                .isEqualTo(order);
        assertThat(again.get("codes").get(0).asString()).isEqualTo(codes.get(0));
    }

    @Test
    void whoeverLeavesWithNothingScoredIsGoneAndWithSomethingOnlyThatCounts() {
        Lab ines = seated("Ines");
        Lab tobin = seated("Tobin");
        Lab una = seated("Una");
        for (String code : codes) {
            assertThat(ines.post(table + "/sheets", sheet(code, "Ines")).status())
                    .isEqualTo(201);
            // opened, and nothing written
            for (Lab other : List.of(tobin, una)) {
                assertThat(other.post(table + "/sheets", "{\"code\":\"" + code + "\"}")
                                .status())
                        .isEqualTo(201);
            }
        }
        JsonNode opened = una.get(table + "/table").body().get("sheets").get(0);
        assertThat(una.put(
                                table + "/sheets/" + opened.get("id"),
                                sheet(opened.get("code").asString(), "Una"))
                        .status())
                .isEqualTo(200);
        assertThat(lab.get(table).body().get("unfinished").asInt()).isEqualTo(5);

        assertThat(tobin.delete(table + "/seat").status()).isEqualTo(204);
        assertThat(tobin.get(table + "/table").status()).isEqualTo(401);
        assertThat(una.delete(table + "/seat").status()).isEqualTo(204);
        JsonNode after = lab.get(table).body();
        assertThat(after.get("unfinished").asInt()).isZero();
        assertThat(after.get("progress").valueStream().map(p -> p.get("cupper").asString()))
                .containsOnly("Ines", "Una")
                .hasSize(4);
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        assertThat(lab.get("/api/cuppers").body().toString()).doesNotContain("Tobin");
    }

    @Test
    void aSheetThatSomebodyLeftHalfScoredWaitsForNobody() {
        // of the three it is the roast as it came that stands on Today
        String plain = lab.get(table + "/key")
                .body()
                .get("samples")
                .valueStream()
                .filter(s -> s.has("roastId") && !s.has("treatment"))
                .map(s -> s.get("code").asString())
                .findFirst()
                .orElseThrow();
        for (String name : List.of("Ines", "Tobin")) {
            assertThat(seated(name)
                            .post(
                                    table + "/sheets",
                                    "{\"code\":\"%s\",\"attributes\":{\"flavour\":7},\"words\":[]}".formatted(plain))
                            .status())
                    .isEqualTo(201);
        }
        String sheet = "\"/cupping/" + laid.get("id") + "?sheet=";
        assertThat(lab.delete(table + "/seats/Tobin").status()).isEqualTo(204);
        assertThat(lab.post(table + "/reveal", "{\"reason\":\"enough\"}").status())
                .isEqualTo(200);
        assertThat(lab.get("/api/today").body().toString().split(Pattern.quote(sheet), -1))
                .as("the one of whoever stayed")
                .hasSize(2);
    }

    @Test
    void theRevealEndsEveryToken() {
        Lab ines = seated("Ines");
        assertThat(lab.post(table + "/reveal", "{\"reason\":\"enough\"}").status())
                .isEqualTo(200);
        assertThat(ines.get(table + "/table").status()).isEqualTo(401);
        assertThat(join(joinCode, "Tobin").status()).isEqualTo(422);
    }

    @Test
    void aBadTokenIsNeverTheOpenLab() {
        for (String header : List.of("Bearer nothing", "Bearer ", "Basic aW5lczpw", "nonsense")) {
            assertThat(lab.as(header).get("/api/lots").status()).as(header).isEqualTo(401);
        }
        assertThat(lab.get("/api/lots").status()).isEqualTo(200);
        assertThat(lab.get(table + "/table").status()).isEqualTo(404);
    }

    @Test
    void aCodeIsNotFoundByTrying() {
        String wrong = "{\"joinCode\":\"AAAAAA\",\"cupper\":\"Nobody\"}";
        Lab device = lab.from("127.1.2.3");
        for (int i = 0; i < 10; i++) {
            assertThat(device.post("/api/cuppings/join", wrong).status()).isEqualTo(422);
        }
        assertThat(device.post("/api/cuppings/join", wrong).status()).isEqualTo(429);
        String right = wrong.replace("AAAAAA", joinCode);
        assertThat(device.post("/api/cuppings/join", right).status()).isEqualTo(429);
        assertThat(lab.from("127.1.2.4").post("/api/cuppings/join", right).status())
                .as("another device")
                .isEqualTo(201);
    }

    @Test
    void ofAnotherTableNothingIsSeen() {
        Lab ines = seated("Ines");
        String own = table;
        lay("{\"blind\":\"coded\",\"samples\":[{\"roastId\":%d}]}".formatted(first));
        assertThat(ines.get(table + "/table").status()).isEqualTo(403);
        assertThat(ines.post(table + "/sheets", sheet(codes.get(0), "Ines")).status())
                .isEqualTo(403);
        assertThat(ines.get(own + "/table").status()).isEqualTo(200);
    }

    @Test
    void choicesAreTheirOwnToo() {
        lay(
                "{\"kind\":\"triangle\",\"assessments\":3,\"samples\":[{\"roastId\":%d},{\"outside\":{\"name\":\"A bag that was bought\"}}]}"
                        .formatted(first));
        Lab ines = seated("Ines");
        JsonNode answered = ines.post(table + "/answers", "{\"cupper\":\"Tobin\",\"set\":1,\"odd\":2}")
                .body();
        assertThat(answered.get("cupper").asString()).isEqualTo("Ines");
        assertThat(answered.toString()).doesNotContain("chosen").doesNotContainPattern(TELLS);
        assertThat(ines.get(table + "/table").body().get("sets")).hasSize(3);
        assertThat(ines.get(table + "/difference").status()).isEqualTo(403);
    }

    @Test
    void ofTwelveWhoSaveAtOnceNothingIsLost() {
        List<Lab> cuppers =
                IntStream.range(0, 12).mapToObj(i -> seated("Cupper " + i)).toList();
        List<Integer> answers = cuppers.stream()
                .flatMap(c -> codes.stream()
                        .map(code -> CompletableFuture.supplyAsync(
                                () -> c.post(table + "/sheets", sheet(code, "")).status())))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        assertThat(answers).hasSize(36).containsOnly(201);
        JsonNode progress = lab.get(table).body().get("progress");
        assertThat(progress)
                .hasSize(36)
                .allSatisfy(p -> assertThat(p.get("unscored").asInt()).isZero());
        assertThat(lab.get(table).body().get("unfinished").asInt()).isZero();
    }
}
