package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The server behind a real socket: what comes before any controller. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "barrowmist.data.path=target/test-data/${random.uuid}/barrowmist",
            "barrowmist.hosts=lab.example"
        })
class RealServerTest {

    @LocalServerPort
    private int port;

    /** Sends bytes as they are; the answer's head and body. */
    private String send(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(15_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private String get(String path, String... headers) throws IOException {
        return send("GET " + path + " HTTP/1.1\r\n" + String.join("", headers) + "Connection: close\r\n\r\n");
    }

    private static String host(String name) {
        return "Host: " + name + "\r\n";
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"localhost", "localhost:8080", "127.0.0.1:8080", "[::1]:8080", "192.168.1.40:8080", "LAB.example"
            })
    void addressesAndKnownNamesAreAnswered(String host) throws IOException {
        assertThat(get("/api/session", host(host))).startsWith("HTTP/1.1 200");
    }

    /** A supplier may be called so; the slash divides no path, and reaches nothing else. */
    @Test
    void aSlashWithinANameStaysWithinIt() throws IOException {
        assertThat(get("/api/suppliers/Vane%2FSons/contract", host("localhost")))
                .startsWith("HTTP/1.1 200")
                .contains("\"version\":0");
        assertThat(get("/decision/suppliers/Vane%2FSons", host("localhost"))).startsWith("HTTP/1.1 200");
        assertThat(get("/api%2Fsuppliers", host("localhost"))).startsWith("HTTP/1.1 404");
        assertThat(get("/api/lots/1%2Fdecision", host("localhost"))).doesNotStartWith("HTTP/1.1 200");
        assertThat(get("/..%2F..%2Fetc%2Fpasswd", host("localhost"))).doesNotStartWith("HTTP/1.1 200");
        assertThat(get("/assets/..%2Findex.html", host("localhost"))).doesNotStartWith("HTTP/1.1 200");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"rebound.example", "rebound.example:8080", "127.0.0.1.rebound.example", "localhost.example"})
    void aNameThatIsNotOursReachesNothing(String host) throws IOException {
        assertThat(get("/api/lots", host(host))).startsWith("HTTP/1.1 403").contains("application/problem+json");
        assertThat(get("/", host(host))).startsWith("HTTP/1.1 403");
    }

    @ParameterizedTest
    @CsvSource({
        "Origin, http://evil.example, 403",
        "Origin, null, 403",
        "Origin, http://localhost:1, 403",
        "Origin, http://localhost:7, 404",
        "Sec-Fetch-Site, cross-site, 403",
        "Sec-Fetch-Site, same-site, 403",
        "Sec-Fetch-Site, same-origin, 404",
        "Sec-Fetch-Site, none, 404"
    })
    void anotherSitesPagePressesNothing(String header, String value, int status) throws IOException {
        String answer = send("DELETE /api/desks/99/batch HTTP/1.1\r\nHost: localhost:7\r\n" + header + ": " + value
                + "\r\nConnection: close\r\n\r\n");
        assertThat(answer).startsWith("HTTP/1.1 " + status);
    }

    @ParameterizedTest
    @CsvSource({"/api/%00, 400", "/%00, 400", "/api/lots/%, 400", "/error, 404", "/api/nowhere, 404"})
    void whatCannotBeAnsweredIsSaidInOneForm(String path, int status) throws IOException {
        assertThat(get(path, host("localhost")))
                .startsWith("HTTP/1.1 " + status)
                .contains("application/problem+json")
                .contains("\"detail\"")
                .doesNotContain("<html")
                .doesNotContain("\"status\":999");
    }

    @Test
    void bodiesThatNeverEndDoNotStopTheServer() throws IOException {
        List<Socket> halves = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                Socket socket = new Socket("127.0.0.1", port);
                OutputStream out = socket.getOutputStream();
                out.write(
                        "POST /api/lots HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 500\r\n\r\n{\"na"
                                .getBytes(StandardCharsets.ISO_8859_1));
                out.flush();
                halves.add(socket);
            }
            assertThat(get("/api/lots", host("localhost"))).startsWith("HTTP/1.1 200");
            assertThat(send(
                            "POST /api/lots HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: application/json"
                                    + "\r\nContent-Length: 2\r\n\r\n{}"))
                    .startsWith("HTTP/1.1 422");
        } finally {
            for (Socket s : halves) {
                s.close();
            }
        }
    }

    @Test
    void halfAGigabyteIsRefusedBeforeItIsSent() throws IOException {
        assertThat(send("POST /api/lots HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                        + "Content-Length: 500000000\r\n\r\n{"))
                .startsWith("HTTP/1.1 413")
                .contains("This has 477 MB");
    }
}
