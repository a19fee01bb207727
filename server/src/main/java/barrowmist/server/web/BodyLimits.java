package barrowmist.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Bodies that are too large are refused by what they say of their length, before a byte of them is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimits extends OncePerRequestFilter {

    /** Far above the largest photograph or log (house default). */
    static final long MOST_BYTES = 100L * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long length = request.getContentLengthLong();
        if (length > MOST_BYTES) {
            response.setHeader("Connection", "close");
            Problems.write(
                    response,
                    HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    "Too large",
                    "This has %.0f MB; nothing larger than %d MB is taken."
                            .formatted(length / 1048576.0, MOST_BYTES / 1048576));
        } else {
            chain.doFilter(request, response);
        }
    }
}
