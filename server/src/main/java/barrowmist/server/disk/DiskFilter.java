package barrowmist.server.disk;

import barrowmist.server.web.DiskFull;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Keeps nothing while the disk is full. What is only worked out goes on, and so does the desk. */
@Component
class DiskFilter extends OncePerRequestFilter {

    private static final Set<String> KEEPING = Set.of("POST", "PUT", "DELETE", "PATCH");

    private static final Pattern KEEPS_NOTHING = Pattern.compile(
            "/api/(session(/.*)?|desks/.*|plans/(prediction|search|translation)|batches|days/[^/]+/order|instruments/.*|notices/.*"
                    + "|machines/\\d+/(link-test|replay))");

    private final DiskRoom room;
    private final HandlerExceptionResolver errors;

    DiskFilter(DiskRoom room, HandlerExceptionResolver handlerExceptionResolver) {
        this.room = room;
        this.errors = handlerExceptionResolver;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean keeps = KEEPING.contains(request.getMethod())
                && !KEEPS_NOTHING.matcher(request.getRequestURI()).matches();
        if (keeps && room.full()) {
            errors.resolveException(request, response, null, new DiskFull());
        } else {
            chain.doFilter(request, response);
        }
    }
}
