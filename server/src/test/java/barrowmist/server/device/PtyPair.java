package barrowmist.server.device;

import static org.awaitility.Awaitility.await;

import java.io.FileInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** Two pseudo-terminals joined back to back by socat: a serial line without a wire. */
final class PtyPair implements AutoCloseable {

    private static final Duration LONG = Duration.ofSeconds(10);

    private final Path folder;
    private final Process socat;
    private final String here;
    private final String there;

    /** socat ends when an end is let go: these two are held and never read. */
    private final List<InputStream> held;

    PtyPair() throws IOException {
        folder = Files.createTempDirectory("line");
        Path a = folder.resolve("here");
        Path b = folder.resolve("there");
        socat = new ProcessBuilder("socat", "pty,raw,echo=0,link=" + a, "pty,raw,echo=0,link=" + b)
                .inheritIO()
                .start();
        await().atMost(LONG).until(() -> Files.exists(a) && Files.exists(b));
        here = a.toRealPath().toString();
        there = b.toRealPath().toString();
        held = List.of(new FileInputStream(here), new FileInputStream(there));
    }

    String here() {
        return here;
    }

    String there() {
        return there;
    }

    @Override
    public void close() throws IOException, InterruptedException {
        for (InputStream end : held) {
            end.close();
        }
        socat.destroy();
        socat.waitFor();
        Files.deleteIfExists(folder.resolve("here"));
        Files.deleteIfExists(folder.resolve("there"));
        Files.deleteIfExists(folder);
    }
}
