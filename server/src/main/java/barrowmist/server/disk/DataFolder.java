package barrowmist.server.disk;

import java.nio.file.Path;
import java.util.Objects;

/** Where the laboratory's files lie. */
public final class DataFolder {

    private DataFolder() {}

    /**
     * The folder of the data.
     *
     * @param data path of the database in it, as configured
     */
    public static Path of(String data) {
        return Objects.requireNonNull(Path.of(data).toAbsolutePath().getParent());
    }
}
