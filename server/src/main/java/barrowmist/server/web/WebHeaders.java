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

/** Headers of every answer, refusals before the pages too: the page may speak to this server only, and nothing but hashed assets is kept by a browser. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class WebHeaders extends OncePerRequestFilter {

    private static final String POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
            + " object-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        if (!request.getRequestURI().startsWith("/assets/")) {
            response.setHeader("Cache-Control", "no-cache");
        }
        chain.doFilter(request, response);
    }
}
