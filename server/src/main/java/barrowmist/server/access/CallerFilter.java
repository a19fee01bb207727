package barrowmist.server.access;

import barrowmist.server.web.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Finds out who calls. With an {@code Authorization} header only that counts: what it does not name is refused, never
 * taken for the open lab. Without one it is who signed in, as their account is at this moment.
 */
final class CallerFilter extends OncePerRequestFilter {

    private static final String BEARER = "Bearer ";

    private final SeatTokens seats;
    private final Members members;

    CallerFilter(SeatTokens seats, Members members) {
        this.seats = seats;
        this.members = members;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        if (header == null) {
            signedIn(request).ifPresent(m -> remember(m, m.role().name()));
        } else if (!byToken(header)) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
            Problems.write(
                    response,
                    HttpServletResponse.SC_UNAUTHORIZED,
                    "Not known",
                    "This token opens nothing: its table is revealed, its seat was given to another device, or it was taken"
                            + " back. Join again, or ask the lead.");
            return;
        }
        chain.doFilter(request, response);
    }

    private boolean byToken(String header) {
        if (!header.regionMatches(true, 0, BEARER, 0, BEARER.length())) {
            return false;
        }
        String token = token(header);
        Optional<Seat> seat = seats.find(token);
        seat.ifPresent(s -> remember(s, "SEAT"));
        Optional<Member> member = seat.isPresent() ? Optional.empty() : members.byToken(token);
        member.ifPresent(m -> remember(m, m.role().name()));
        return seat.isPresent() || member.isPresent();
    }

    static String token(String header) {
        return header.substring(BEARER.length()).strip();
    }

    private Optional<Member> signedIn(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(SignedIn.PERSON) instanceof Long id
                ? members.person(id)
                : Optional.empty();
    }

    private static void remember(Object who, String role) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                who, null, List.of(new SimpleGrantedAuthority("ROLE_" + role))));
        SecurityContextHolder.setContext(context);
    }
}
