package barrowmist.server.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;

/** Which run of the computer this is: a monotonic clock counts on over a restart of the server, but not of it. */
final class Boot {

    private static final Path KERNEL = Path.of("/proc/sys/kernel/random/boot_id");
    private static final String ID = read();

    private Boot() {}

    static String id() {
        return ID;
    }

    private static String read() {
        try {
            return Files.readString(KERNEL).strip();
        } catch (IOException e) {
            // elsewhere each run of the server counts as one of the computer: the clock on the wall fills in
            return UUID.randomUUID().toString();
        }
    }
}
