package barrowmist.server.access;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Somebody of the lab who signed in, or a script with a token of the lab.
 *
 * @param id of the person; of a token the person who made it
 * @param name the person's, or the token's
 * @param role what they may ask for
 * @param script whether it is a token: it acts under its own name, and has no password and no session
 */
public record Member(long id, String name, Role role, boolean script) {

    /** Who calls, when it is such a person or script; empty for the open lab and for a seat. */
    public static Optional<Member> ofCaller() {
        Authentication caller = SecurityContextHolder.getContext().getAuthentication();
        return caller != null && caller.getPrincipal() instanceof Member member
                ? Optional.of(member)
                : Optional.empty();
    }

    /** Whether the caller lays and runs tables: the lead, a roaster, or the open lab. */
    public static boolean runsTables() {
        return Seat.ofCaller().isEmpty()
                && ofCaller()
                        .map(m -> m.role() == Role.LEAD || m.role() == Role.ROASTER)
                        .orElse(true);
    }

    /** Who calls, by name; "the lab" where nobody has to sign in. */
    public static String nameOfCaller() {
        return ofCaller().map(Member::name).orElse("the lab");
    }

    /**
     * The one name under which the caller may give scores, answers and orders: a seat's, or that of who signed in to cup.
     * Empty for those who may enter for somebody.
     */
    public static Optional<String> cuppingAs() {
        return Seat.ofCaller()
                .map(Seat::cupper)
                .or(() -> ofCaller().filter(m -> m.role() == Role.CUPPER).map(Member::name));
    }
}
