package barrowmist.server.device;

import barrowmist.core.desk.RoasterReading;
import java.util.Objects;

/** The port to a roaster. It only reads: nothing behind it can command a burner. */
public interface RoasterLink extends AutoCloseable {

    /**
     * Reads once; blocks no longer than a second or two.
     *
     * @throws LinkLost if the roaster does not answer
     */
    RoasterReading read() throws LinkLost;

    @Override
    void close();

    /** The roaster does not answer; the message says so in words a person can act on. */
    class LinkLost extends Exception {
        private static final long serialVersionUID = 1;

        public LinkLost(String message) {
            super(message);
        }

        /** What is the matter, as it was said when it was lost. */
        @Override
        public String getMessage() {
            return Objects.toString(super.getMessage(), "");
        }
    }

    /** The way to the roaster is open, and nothing comes. While a roast runs it has stopped; while a link is set up, a setting is wrong. */
    class Silent extends LinkLost {
        private static final long serialVersionUID = 1;

        private final String toCheck;

        /** @param toCheck what a person who sets the link up can look at, in sentences */
        public Silent(String toCheck) {
            super("The roaster has stopped answering.");
            this.toCheck = toCheck;
        }

        public String toCheck() {
            return toCheck;
        }
    }
}
