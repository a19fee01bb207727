package barrowmist.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;

/** One server for one roastery lab. */
@SpringBootApplication
@EnableResilientMethods
public class BarrowmistApplication {

    private static final String DEFAULT_DATA = "./data";

    public static void main(String[] args) {
        try {
            Path data = dataFile();
            System.setProperty("barrowmist.data.path", data.toString());
            new BeyondThisComputer(System.getenv(), data.resolveSibling("lab.p12"))
                    .settings()
                    .forEach(System::setProperty);
            SpringApplication.run(BarrowmistApplication.class, args);
        } catch (IOException e) {
            refuse(e.getMessage());
        } catch (RuntimeException e) {
            StartupProblem.explain(e).ifPresentOrElse(BarrowmistApplication::refuse, () -> {
                throw e;
            });
        }
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    private static Path dataFile() throws IOException {
        String folder = System.getenv().getOrDefault("BARROWMIST_DATA", DEFAULT_DATA);
        Path path = Path.of(folder).toAbsolutePath().normalize();
        try {
            Files.createDirectories(path);
            Files.delete(Files.createTempFile(path, "writable", null));
        } catch (IOException e) {
            throw new IOException(
                    "The data folder " + path + " cannot be written: set BARROWMIST_DATA to one that can.", e);
        }
        if (Files.getFileStore(path).supportsFileAttributeView("posix")) {
            // what lies in it is nobody else's on this computer
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rwx------"));
        }
        return path.resolve("barrowmist");
    }

    private static void refuse(@Nullable String why) {
        System.err.println("Barrowmist does not start. " + why);
        System.exit(1);
    }
}
