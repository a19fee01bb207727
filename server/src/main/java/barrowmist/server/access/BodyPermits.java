package barrowmist.server.access;

import barrowmist.server.web.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.Predicate;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever sends a body has a place among those who send and a time to come to its end. Strangers have few places, and
 * never those of the people of the lab: nobody holds up the desk who was not let in.
 */
final class BodyPermits extends OncePerRequestFilter {

    /**
     * Bodies at once (house defaults): together fewer than {@code server.tomcat.threads.max}, so that whoever only reads is
     * always answered.
     */
    private static final int MOST_OF_THE_LAB = 240;

    private static final int MOST_OF_STRANGERS = 60;
    private static final int MOST_OF_A_DEVICE = 24;
    private static final int MOST_OF_A_STRANGER = 8;

    private static final Duration STRANGERS_TIME = Duration.ofSeconds(10);
    private static final Duration LAB_TIME = Duration.ofSeconds(30);
    /** The slowest wireless network that a photograph is taken over, bytes per second (house default). */
    private static final long SLOWEST = 50_000;
    /** Of a body that does not say how long it is. */
    private static final Duration UNTOLD_TIME = Duration.ofSeconds(120);

    private final Predicate<HttpServletRequest> ofTheLab;
    private final Semaphore lab = new Semaphore(MOST_OF_THE_LAB);
    private final Semaphore strangers = new Semaphore(MOST_OF_STRANGERS);
    private final Map<String, Integer> sending = new ConcurrentHashMap<>();

    /** @param ofTheLab whether a request comes from somebody who was let in */
    BodyPermits(Predicate<HttpServletRequest> ofTheLab) {
        this.ofTheLab = ofTheLab;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null) {
            chain.doFilter(request, response);
            return;
        }
        boolean known = ofTheLab.test(request);
        Semaphore places = known ? lab : strangers;
        String device = (known ? "lab " : "") + request.getRemoteAddr();
        if (!begins(device, most(request, known))) {
            refuse(response);
        } else if (!places.tryAcquire()) {
            ends(device);
            refuse(response);
        } else {
            try {
                TimedBody timed = new TimedBody(request, time(request, known));
                chain.doFilter(timed, response);
                timed.drain();
            } finally {
                places.release();
                ends(device);
            }
        }
    }

    /** The lab's own computer may use all places of the lab. */
    private static int most(HttpServletRequest request, boolean known) {
        if (known) {
            return OpenLab.ofThisComputer(request) ? MOST_OF_THE_LAB : MOST_OF_A_DEVICE;
        }
        return MOST_OF_A_STRANGER;
    }

    private static Duration time(HttpServletRequest request, boolean known) {
        if (!known) {
            return STRANGERS_TIME;
        }
        long length = request.getContentLengthLong();
        return length < 0 ? UNTOLD_TIME : LAB_TIME.plusSeconds(length / SLOWEST);
    }

    private boolean begins(String device, int most) {
        boolean[] may = new boolean[1];
        sending.compute(device, (d, n) -> {
            int now = n == null ? 0 : n;
            may[0] = now < most;
            return may[0] ? Integer.valueOf(now + 1) : n;
        });
        return may[0];
    }

    private void ends(String device) {
        sending.computeIfPresent(device, (d, n) -> n == 1 ? null : Integer.valueOf(n - 1));
    }

    private static void refuse(HttpServletResponse response) throws IOException {
        response.setHeader("Retry-After", "5");
        response.setHeader("Connection", "close");
        Problems.write(
                response,
                HttpServletResponse.SC_SERVICE_UNAVAILABLE,
                "Busy",
                "Too much is being sent at once. Nothing was kept: send it again in a few seconds.");
    }
}
