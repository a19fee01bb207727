package barrowmist.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/** Wrong passwords by the hundred, and several at the same moment; the first account of a lab. */
@TestPropertySource(properties = "lab.of=guessing")
class GuessingTest extends WithoutAccounts {

    GuessingTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        super(mvc, store);
    }

    @Test
    void manyTriesAtTheSameMomentAreComparedTenTimesAtMost() {
        lab.lead();
        Lab device = lab.from("127.9.9.8");
        String wrong = "{\"name\":\"Maren\",\"password\":\"wrong but long\"}";
        List<CompletableFuture<Integer>> all = IntStream.range(0, 40)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> device.browser().post("/api/session", wrong).status()))
                .toList();
        assertThat(all.stream()
                        .map(CompletableFuture::join)
                        .filter(s -> s == 422)
                        .count())
                .isBetween(1L, 10L);
    }

    @Test
    void strangersDoNotLockOutTheDeviceThatTheLeadKnows() {
        Lab maren = lab.from("127.9.7.1").lead();
        for (int d = 0; d < 40; d++) {
            for (int i = 0; i < 6; i++) {
                lab.from("127.9.6." + d)
                        .browser()
                        .post("/api/session", "{\"name\":\"Maren\",\"password\":\"wrong but long\"}");
            }
        }
        String right = "{\"name\":\"Maren\",\"password\":\"fog on the moor\"}";
        assertThat(lab.from("127.9.7.2").browser().post("/api/session", right).status())
                .isEqualTo(429);
        maren.delete("/api/session");
        assertThat(maren.post("/api/session", right).status()).isEqualTo(200);
    }

    @Test
    void theFirstAccountIsALeadsAndThereIsOneFirst() {
        assertThat(lab.post("/api/people", person("Ines", "cupper"))
                        .body()
                        .at("/problems/0/field")
                        .asString())
                .isEqualTo("role");
        List<CompletableFuture<Integer>> all = IntStream.range(0, 8)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> lab.browser()
                        .post(
                                "/api/session/first",
                                "{\"name\":\"Lead %d\",\"password\":\"fog on the moor\"}".formatted(i))
                        .status()))
                .toList();
        assertThat(all.stream().map(CompletableFuture::join)).containsOnlyOnce(201);
        assertThat(store.queryForObject("select count(*) from person", Long.class))
                .isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"          ", "aaaaaaaaaaaa", "1234567890", "qwertyuiop", "Password123", "Maren Maren "})
    void blankAndCommonPasswordsAreNotTaken(String password) {
        assertThat(lab.post("/api/session/first", "{\"name\":\"Maren Maren\",\"password\":\"%s\"}".formatted(password))
                        .body()
                        .at("/problems/0/field")
                        .asString())
                .isEqualTo("password");
    }

    @Test
    void namesWithControlCharactersAreRefusedInWords() {
        Answer refused = lab.post("/api/lots", "{\"name\":\"Bell\\u0007\"}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/problems/0/message").asString())
                .isEqualTo("name is \"Bell\", expected text without control characters");
    }
}
