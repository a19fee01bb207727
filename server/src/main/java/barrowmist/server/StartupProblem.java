package barrowmist.server;

import java.util.Optional;
import org.springframework.boot.web.server.PortInUseException;

/** Why the server cannot start, said in one line. */
final class StartupProblem {

    /** A line for the usual reasons; empty for an unusual one, which keeps its stack trace. */
    static Optional<String> explain(Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof PortInUseException port) {
                return Optional.of("Port " + port.getPort() + " is in use: set BARROWMIST_PORT to another one.");
            }
            if (t.getMessage() != null && t.getMessage().contains("Database may be already in use")) {
                return Optional.of("The data folder is in use by another Barrowmist: stop that one, or set"
                        + " BARROWMIST_DATA to another folder.");
            }
        }
        return Optional.empty();
    }
}
