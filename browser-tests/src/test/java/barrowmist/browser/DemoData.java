package barrowmist.browser;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * The demo's data as the application itself makes it. That takes it the better part of a minute: it is made once for all
 * classes of a run, whichever process comes first, and each begins with a copy of its own.
 */
final class DemoData {

    private static final Path JAR = Path.of(System.getProperty("barrowmist.jar"));

    private DemoData() {}

    /**
     * Copies it into a folder that is not there yet.
     *
     * @param make has the application make it in a folder
     */
    static synchronized void into(Path folder, Consumer<Path> make) throws IOException {
        try (FileChannel channel = FileChannel.open(
                        JAR.resolveSibling("demo-data.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock held = channel.lock()) {
            Path made = JAR.resolveSibling("demo-data");
            Path stamp = JAR.resolveSibling("demo-data.stamp");
            if (!Files.exists(stamp) || !Files.readString(stamp).equals(stampOfToday())) {
                delete(made);
                make.accept(made);
                Files.writeString(stamp, stampOfToday());
            }
            copy(made, folder);
        }
    }

    /** The demo tells of the days before today, and another build may tell it otherwise. */
    private static String stampOfToday() throws IOException {
        return LocalDate.now() + " " + Files.getLastModifiedTime(JAR);
    }

    /** Copies a folder with all that is in it to where nothing is yet. */
    static void copy(Path from, Path to) throws IOException {
        for (Path file : under(from)) {
            Files.copy(file, to.resolve(from.relativize(file)));
        }
    }

    /** Deletes a folder and all that is in it, when it is there. */
    static void delete(Path folder) throws IOException {
        List<Path> files = new ArrayList<>(under(folder));
        Collections.reverse(files);
        for (Path file : files) {
            Files.delete(file);
        }
    }

    /** A folder and what is in it, the folder first. */
    private static List<Path> under(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.walk(folder)) {
            return files.toList();
        }
    }
}
