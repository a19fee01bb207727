package barrowmist.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpMethod;

/** All that a cupper's token opens: that table as it may be seen blind, and what is the cupper's own on it. */
final class SeatRules {

    private record Rule(HttpMethod method, Pattern path) {
        private static Rule of(HttpMethod method, String ofTheTable) {
            return new Rule(method, Pattern.compile("/api/cuppings/(\\d{1,18})/" + ofTheTable));
        }
    }

    /** Of every table, and telling of none. */
    private static final String FORMS = "/api/cupping-forms";

    private static final List<Rule> ALLOWED = List.of(
            Rule.of(HttpMethod.GET, "table(/stream)?"),
            Rule.of(HttpMethod.POST, "sheets"),
            Rule.of(HttpMethod.GET, "sheets/\\d+"),
            Rule.of(HttpMethod.PUT, "sheets/\\d+"),
            Rule.of(HttpMethod.POST, "answers"),
            Rule.of(HttpMethod.POST, "rankings"),
            Rule.of(HttpMethod.POST, "guesses"));

    private SeatRules() {}

    /** Whether it is asked for a seat: to join a table by its code needs no account. */
    static boolean joins(HttpServletRequest request) {
        return HttpMethod.POST.matches(request.getMethod()) && "/api/cuppings/join".equals(request.getRequestURI());
    }

    /** Whether this seat may ask for that; what is not named is refused. */
    static boolean allow(Seat seat, HttpServletRequest request) {
        if (HttpMethod.GET.matches(request.getMethod()) && FORMS.equals(request.getRequestURI())) {
            return true;
        }
        return ALLOWED.stream()
                .filter(r -> r.method.matches(request.getMethod()))
                .map(r -> r.path.matcher(request.getRequestURI()))
                .filter(Matcher::matches)
                .anyMatch(m -> Long.parseLong(m.group(1)) == seat.tableId());
    }
}
