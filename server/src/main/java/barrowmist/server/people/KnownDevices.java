package barrowmist.server.people;

import barrowmist.server.access.Secrets;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Devices on which somebody has signed in before. Each keeps a random cookie that opens nothing; with it the wrong passwords
 * of strangers do not hold it up.
 */
@Component
class KnownDevices {

    static final String COOKIE = "barrowmist-device";

    /** What browsers keep at most. */
    private static final Duration KEPT = Duration.ofDays(400);

    private final JdbcTemplate store;
    private final Clock clock;

    KnownDevices(JdbcTemplate store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Under which name the tries of this device are counted. */
    String of(HttpServletRequest request) {
        return hash(request).filter(this::kept).map(h -> "device " + h).orElseGet(request::getRemoteAddr);
    }

    boolean known(HttpServletRequest request) {
        return hash(request).filter(this::kept).isPresent();
    }

    /** Somebody has signed in on it. */
    void remember(HttpServletRequest request, HttpServletResponse response) {
        Timestamp now = Timestamp.from(clock.instant());
        if (known(request)) {
            store.update(
                    "update known_device set seen_at = ? where token_hash = ?",
                    now,
                    hash(request).orElseThrow());
            return;
        }
        String secret = Secrets.draw();
        store.update(
                "delete from known_device where seen_at < ?",
                Timestamp.from(clock.instant().minus(KEPT)));
        store.update("insert into known_device (token_hash, seen_at) values (?, ?)", Secrets.hash(secret), now);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, secret)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .secure(request.isSecure())
                        .path("/api/session")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }

    private boolean kept(String hash) {
        Integer rows =
                store.queryForObject("select count(*) from known_device where token_hash = ?", Integer.class, hash);
        return rows != null && rows > 0;
    }

    private static Optional<String> hash(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Stream::of)
                .filter(c -> c.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .findFirst()
                .map(Secrets::hash);
    }
}
