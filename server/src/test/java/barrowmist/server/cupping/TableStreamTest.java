package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A real server, whose table's screens hear at once of what is kept. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "barrowmist.data.path=target/test-data/${random.uuid}/barrowmist"
        })
class TableStreamTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    @LocalServerPort
    private int port;

    private final HttpClient client = HttpClient.newHttpClient();
    private JsonNode table;
    private String token;

    @BeforeEach
    void aTableAndSomebodyAtIt() throws Exception {
        table = post("/api/cuppings", "", "{\"blind\":\"coded\",\"samples\":[{\"outside\":{\"name\":\"Bag one\"}}]}");
        token = post(
                        "/api/cuppings/join",
                        "",
                        "{\"joinCode\":\"%s\",\"cupper\":\"Ines\"}"
                                .formatted(table.get("joinCode").asString()))
                .get("token")
                .asString();
    }

    private HttpRequest.Builder to(String path, String bearer) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
        return bearer.isEmpty() ? request : request.header("Authorization", "Bearer " + bearer);
    }

    private JsonNode post(String path, String bearer, String body) throws IOException, InterruptedException {
        return JSON.readTree(client.send(
                        to(path, bearer)
                                .header("Content-Type", "application/json")
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body());
    }

    /** The lines of a stream as they come. */
    private BlockingQueue<String> listen(String path, String bearer) throws IOException, InterruptedException {
        HttpResponse<InputStream> stream =
                client.send(to(path, bearer).build(), HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.statusCode()).isEqualTo(200);
        BlockingQueue<String> lines = new LinkedBlockingQueue<>();
        Thread reader = new Thread(() -> {
            try (BufferedReader in = new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
                in.lines().filter(l -> !l.isEmpty()).forEach(lines::add);
            } catch (IOException | UncheckedIOException e) {
                lines.add("ended");
            }
        });
        reader.setDaemon(true);
        reader.start();
        assertThat(lines.poll(20, TimeUnit.SECONDS)).isEqualTo("event:here");
        return lines;
    }

    @Test
    void aMarkOnOneTabletIsHeardAtTheWallAndSaysNothing() throws Exception {
        String path = "/api/cuppings/" + table.get("id");
        BlockingQueue<String> wall = listen(path + "/stream", "");
        BlockingQueue<String> seat = listen(path + "/table/stream", token);
        post(
                path + "/sheets",
                token,
                "{\"code\":\"%s\"}".formatted(table.at("/samples/0/code").asString()));
        for (BlockingQueue<String> screen : List.of(wall, seat)) {
            assertThat(screen.poll(20, TimeUnit.SECONDS)).isEqualTo("data:");
            assertThat(screen.poll(20, TimeUnit.SECONDS)).isEqualTo("event:changed");
            assertThat(screen.poll(20, TimeUnit.SECONDS)).isEqualTo("data:");
        }
    }

    @Test
    void aSeatHearsOfItsOwnTableAlone() throws Exception {
        JsonNode other = post("/api/cuppings", "", "{\"blind\":\"coded\"}");
        String path = "/api/cuppings/" + other.get("id");
        for (String stream : List.of(path + "/table/stream", path + "/stream")) {
            assertThat(client.send(to(stream, token).build(), HttpResponse.BodyHandlers.ofString())
                            .statusCode())
                    .isEqualTo(403);
        }
    }
}
