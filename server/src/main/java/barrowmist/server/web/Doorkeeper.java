package barrowmist.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses, before anything else, what a page of another site sends through somebody's browser: a {@code Host} that is
 * neither an address nor a name of this computer, a foreign {@code Origin}, and a {@code Sec-Fetch-Site} of elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Doorkeeper extends OncePerRequestFilter {

    private static final Pattern ADDRESS = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.%]+]");
    private static final Pattern PORT = Pattern.compile(":\\d{1,5}$");
    private static final Set<String> OF_THIS_SITE = Set.of("same-origin", "none");

    private final Set<String> names;

    /** @param more names under which the lab reaches this computer, with commas between them */
    Doorkeeper(@Value("${barrowmist.hosts:}") String more) {
        names = LabNames.of(more);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String said = request.getHeader("Host");
        String host = said == null ? request.getServerName() : said;
        if (!known(host)) {
            refuse(
                    response,
                    "This server does not answer to that name. Open it by its address, by localhost, or name it in"
                            + " BARROWMIST_HOSTS.");
        } else if (foreign(request.getHeader("Origin"), host, request.isSecure())
                || elsewhere(request.getHeader("Sec-Fetch-Site"))) {
            refuse(response, "A page of another site may not use this lab. Open Barrowmist's own page.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean known(String host) {
        String name = PORT.matcher(host).replaceFirst("").toLowerCase(Locale.ROOT);
        return names.contains(name) || ADDRESS.matcher(name).matches();
    }

    /** A page that came by plain HTTP may be anybody's, whatever host it says. */
    private static boolean foreign(@Nullable String origin, String host, boolean secure) {
        return origin != null && (!host.equalsIgnoreCase(authority(origin)) || secure && !origin.startsWith("https:"));
    }

    private static @Nullable String authority(String origin) {
        try {
            return URI.create(origin).getAuthority();
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    private static boolean elsewhere(@Nullable String site) {
        return site != null && !OF_THIS_SITE.contains(site);
    }

    private static void refuse(HttpServletResponse response, String why) throws IOException {
        Problems.write(response, HttpServletResponse.SC_FORBIDDEN, "Not from here", why);
    }
}
