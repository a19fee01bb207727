package barrowmist.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** A real server that takes a proxy's word: what the proxy forwards is never taken for the lab's own computer. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "barrowmist.data.path=target/test-data/${random.uuid}/barrowmist",
            "barrowmist.hosts=lab.example",
            "server.forward-headers-strategy=native",
            "server.tomcat.remoteip.internal-proxies=127.0.0.1"
        })
class BehindAProxyTest {

    private final HttpClient client = HttpClient.newHttpClient();
    private final JdbcTemplate store;
    private final URI server;

    BehindAProxyTest(@LocalServerPort int port, @Autowired JdbcTemplate store) {
        this.store = store;
        this.server = URI.create("http://127.0.0.1:" + port);
    }

    @BeforeEach
    void nobodyHasAnAccount() {
        store.update("delete from person");
    }

    private HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(server.resolve(path)).header("Content-Type", "application/json");
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private static HttpRequest.Builder forwarded(HttpRequest.Builder request, String from) {
        return request.header("X-Forwarded-For", from).header("X-Forwarded-Proto", "https");
    }

    @Test
    void whoComesThroughTheProxyIsNotTheOpenLab() throws Exception {
        assertThat(send(to("/api/lots")).statusCode()).isEqualTo(200);
        assertThat(send(forwarded(to("/api/lots"), "192.0.2.7")).statusCode()).isEqualTo(401);
        // a caller who claims to be this computer is written down by the proxy as what they are
        assertThat(send(forwarded(to("/api/lots"), "127.0.0.1, 192.0.2.7")).statusCode())
                .isEqualTo(401);
        assertThat(send(to("/%61pi/lots").header("X-Real-IP", "192.0.2.7")).statusCode())
                .isEqualTo(401);
    }

    /** Strangers who never end what they send keep their own few places, and none of the lab's. */
    @Test
    void strangersWhoSendSlowlyDoNotHoldUpTheLab() throws Exception {
        List<Socket> halves = new ArrayList<>();
        try {
            for (int i = 0; i < 305; i++) {
                Socket socket = new Socket(server.getHost(), server.getPort());
                socket.getOutputStream()
                        .write(("POST /api/session HTTP/1.1\r\nHost: localhost\r\nX-Forwarded-For: 192.0.2." + i % 250
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 500\r\n\r\n{\"na")
                                .getBytes(StandardCharsets.ISO_8859_1));
                halves.add(socket);
            }
            assertThat(send(to("/api/lots").POST(HttpRequest.BodyPublishers.ofString("{}")))
                            .statusCode())
                    .isEqualTo(422);
            assertThat(send(forwarded(to("/api/session"), "192.0.2.9").POST(HttpRequest.BodyPublishers.ofString("{}")))
                            .statusCode())
                    .isEqualTo(503);
        } finally {
            for (Socket s : halves) {
                s.close();
            }
        }
    }

    @Test
    void overTheProxysHttpsTheCookieIsSecure() throws Exception {
        String maren = "{\"name\":\"Maren\",\"password\":\"fog on the moor\"}";
        assertThat(send(to("/api/session/first").POST(HttpRequest.BodyPublishers.ofString(maren)))
                        .statusCode())
                .isEqualTo(201);
        HttpResponse<String> in =
                send(forwarded(to("/api/session"), "192.0.2.7").POST(HttpRequest.BodyPublishers.ofString(maren)));
        assertThat(in.statusCode()).isEqualTo(200);
        String cookie = in.headers().allValues("Set-Cookie").stream()
                .filter(c -> c.startsWith("barrowmist="))
                .findFirst()
                .orElseThrow();
        assertThat(cookie).contains("Secure", "HttpOnly", "SameSite=Strict");
        assertThat(send(forwarded(to("/api/lots"), "192.0.2.7").header("Cookie", cookie.split(";")[0]))
                        .statusCode())
                .isEqualTo(200);
    }
}
