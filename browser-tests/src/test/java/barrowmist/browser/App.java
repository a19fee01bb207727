package barrowmist.browser;

import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** The packaged application in a process of its own, on a free port and a data folder of its own. */
final class App implements AutoCloseable {

    private static final Duration START_LIMIT = Duration.ofSeconds(300);
    private static final Duration STOP_LIMIT = Duration.ofSeconds(30);

    /** Nothing listens there: the desk is without a roaster. */
    private static final int NO_ROASTER = 1;

    private final Path data;
    private final boolean demo;
    private final String host;
    private final Map<String, String> environment;
    private final int port;
    private Process process;
    private Path output;

    /** @param demo with the demo data, its model fitted and its desk without a roaster */
    App(boolean demo) {
        this(folder(), demo, "http://localhost", Map.of());
        try {
            if (demo) {
                DemoData.into(lab(), App::makeDemo);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        start();
    }

    /** One that other devices reach, over HTTPS; empty. */
    static App inTheNetwork(String host) {
        App app = new App(folder(), false, "https://" + host, Map.of("BARROWMIST_ADDRESS", "0.0.0.0"));
        app.start();
        return app;
    }

    private App(Path data, boolean demo, String host, Map<String, String> environment) {
        this.data = data;
        this.demo = demo;
        this.host = host;
        this.environment = environment;
        try (ServerSocket free = new ServerSocket(0)) {
            this.port = free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("barrowmist-browser-test");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path lab() {
        return data.resolve("lab");
    }

    private static void makeDemo(Path into) {
        try (App app = new App(folder(), true, "http://localhost", Map.of())) {
            app.start();
            await("a fitted model")
                    .atMost(START_LIMIT)
                    .until(() -> app.send("GET", "/api/machines/1/model", "application/json", "")
                            .contains("\"fitted\""));
            // what is traced once is kept: no class has to wait for it again
            app.send("GET", "/api/today", "application/json", "");
            app.process.destroy();
            app.awaitEnd();
            DemoData.copy(app.lab(), into);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String url() {
        return host + ":" + port;
    }

    int port() {
        return port;
    }

    void start() {
        try {
            output = Files.createTempFile(data, "server", ".log");
            List<String> command = new ArrayList<>(List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-XX:TieredStopAtLevel=1",
                    "-jar",
                    System.getProperty("barrowmist.jar"),
                    "--barrowmist.demo=" + demo,
                    "--barrowmist.standin.port=" + NO_ROASTER));
            ProcessBuilder builder =
                    new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(output.toFile());
            builder.environment().put("BARROWMIST_PORT", String.valueOf(port));
            builder.environment().put("BARROWMIST_DATA", lab().toString());
            builder.environment().putAll(environment);
            process = builder.start();
            awaitReady();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends the server at once, as a power cut would, and starts it again on the same data. */
    void restart() {
        stop();
        start();
    }

    /** The same, with the power away for a while: what the clock of a table counts from lies so much earlier. */
    void restartAfter(Duration away) {
        stop();
        try (Connection store = DriverManager.getConnection("jdbc:h2:file:" + lab().resolve("barrowmist"), "sa", "");
                PreparedStatement earlier =
                        store.prepareStatement("update cupping set poured_at = dateadd(second, ?, poured_at)")) {
            earlier.setLong(1, -away.toSeconds());
            earlier.executeUpdate();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        start();
    }

    void stop() {
        process.destroyForcibly();
        awaitEnd();
    }

    private void awaitEnd() {
        try {
            process.waitFor(STOP_LIMIT.toSeconds(), TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void awaitReady() throws IOException {
        await().atMost(START_LIMIT)
                .until(() -> Files.readString(output).contains("Barrowmist is ready") || !process.isAlive());
        if (!process.isAlive()) {
            throw new IllegalStateException("The server did not start: " + Files.readString(output));
        }
    }

    /** What the server printed since it was started last. */
    String printed() {
        try {
            return Files.readString(output);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Sends to the public API, for what a test needs before it begins. */
    String send(String method, String path, String contentType, String body) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url() + path))
                .header("Content-Type", contentType)
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            HttpResponse<String> response =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            if (response.statusCode() >= 300) {
                throw new IllegalStateException(path + " answered " + response.statusCode() + ": " + response.body());
            }
            return response.body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The {@code id} of an answer. */
    static long id(String json) {
        return (long) Wire.number(json, "$.id");
    }

    @Override
    public void close() {
        stop();
        try {
            DemoData.delete(data);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
