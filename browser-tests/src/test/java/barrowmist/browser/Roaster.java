package barrowmist.browser;

import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** The stand-in roaster in a process of its own, as the demo starts it. */
final class Roaster implements AutoCloseable {

    private static final Duration START_LIMIT = Duration.ofSeconds(20);

    private final int modbusPort = free();
    private final int panelPort = free();
    private final Process process;

    Roaster(int speed) {
        List<String> command = List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-Dslf4j.internal.verbosity=ERROR",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                "barrowmist.standin.StandIn",
                String.valueOf(modbusPort),
                String.valueOf(panelPort),
                String.valueOf(speed));
        try {
            process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        await("the stand-in roaster")
                .atMost(START_LIMIT)
                .ignoreExceptions()
                .until(
                        () -> HttpClient.newHttpClient()
                                .send(request("/state").GET().build(), HttpResponse.BodyHandlers.discarding()),
                        r -> r.statusCode() == 200);
    }

    private static int free() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    int modbusPort() {
        return modbusPort;
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + panelPort + path));
    }

    /** Turns a knob of the panel. */
    void panel(String path, String body) {
        try {
            HttpClient.newHttpClient()
                    .send(
                            request(path)
                                    .POST(HttpRequest.BodyPublishers.ofString(body))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    void panel(String path) {
        panel(path, "");
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}
