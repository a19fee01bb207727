package barrowmist.server.people;

import barrowmist.server.access.Members;
import barrowmist.server.web.InputProblems;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The code that Barrowmist prints at start: whoever can read it sits at the lab's computer, and may make the first account
 * from another device, or give a lead a new password.
 */
@Component
class StartCode {

    // no 0 and O, no 1, I and L
    private static final String CHARACTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";
    private static final int LENGTH = 10;

    private final Members members;
    private final LabNetwork network;
    private final boolean recover;
    private @Nullable String code;

    StartCode(Members members, LabNetwork network, @Value("${barrowmist.recover:}") String recover) {
        this.members = members;
        this.network = network;
        this.recover = !recover.isBlank();
    }

    @EventListener(ApplicationReadyEvent.class)
    synchronized void print() {
        boolean first = !members.any();
        if (first ? !network.beyond() : !recover) {
            return;
        }
        code = new SecureRandom()
                .ints(LENGTH, 0, CHARACTERS.length())
                .mapToObj(i -> CHARACTERS.substring(i, i + 1))
                .collect(Collectors.joining());
        System.out.println(
                (first ? "Code for the first account from another device: " : "Code for a lead's new password: ")
                        + code);
    }

    /**
     * Does what the code is good for, once: of many who send it at the same moment one is served.
     *
     * @param action what is done with it; where that fails the code stays good
     * @throws InputProblems if this is not the code
     */
    synchronized <T> T spend(@Nullable String given, Supplier<T> action) {
        if (!fits(given)) {
            throw new InputProblems("code", "This is not the code that Barrowmist printed when it started");
        }
        T done = action.get();
        code = null;
        return done;
    }

    private boolean fits(@Nullable String given) {
        String read = given == null ? "" : given.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        return Optional.ofNullable(code)
                .filter(c -> MessageDigest.isEqual(
                        c.getBytes(StandardCharsets.UTF_8), read.getBytes(StandardCharsets.UTF_8)))
                .isPresent();
    }

    /** The first account was made without it: it is good for nothing from now on. */
    synchronized void expire() {
        code = null;
    }
}
