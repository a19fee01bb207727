package barrowmist.server.web;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/** Under which names this computer is reached. */
public final class LabNames {

    private LabNames() {}

    /**
     * localhost, the computer's own name, with {@code .local} too, and those that the lab gave it.
     *
     * @param more the lab's, with commas between them
     */
    public static Set<String> of(String more) {
        Set<String> names = new TreeSet<>(Set.of("localhost"));
        Arrays.stream(more.split(","))
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .map(n -> n.toLowerCase(Locale.ROOT))
                .forEach(names::add);
        try {
            String own = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            names.add(own);
            names.add(own + ".local");
        } catch (UnknownHostException e) {
            // this computer has no name of its own
            return names;
        }
        return names;
    }
}
