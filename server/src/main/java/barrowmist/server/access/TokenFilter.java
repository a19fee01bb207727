package barrowmist.server.access;

import barrowmist.server.web.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** With an {@code Authorization} header only that counts: what it does not name is refused, never taken for the open lab. */
final class TokenFilter extends OncePerRequestFilter {

    static final String SEAT = "ROLE_SEAT";
    private static final String BEARER = "Bearer ";

    private final SeatTokens tokens;

    TokenFilter(SeatTokens tokens) {
        this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        if (header == null) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Seat> seat = header.regionMatches(true, 0, BEARER, 0, BEARER.length())
                ? tokens.find(header.substring(BEARER.length()).strip())
                : Optional.empty();
        if (seat.isEmpty()) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
            Problems.write(
                    response,
                    HttpServletResponse.SC_UNAUTHORIZED,
                    "Not known",
                    "This token opens nothing: its table is revealed, or its seat was given to another device. Join again, or"
                            + " ask the lead.");
            return;
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                seat.get(), null, List.of(new SimpleGrantedAuthority(SEAT))));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }
}
