package barrowmist.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A lab without accounts is open to its own computer, and to nobody else. */
@Component
public class OpenLab {

    /** Set by what stands between; with one of these the caller is not who the connection says. */
    private static final List<String> FORWARDING =
            List.of("Forwarded", "X-Forwarded-For", "X-Forwarded-Host", "X-Real-IP", "Via");

    private static final Pattern LOOPBACK_NAME =
            Pattern.compile("(localhost|127(\\.\\d{1,3}){3}|\\[::1])(:\\d{1,5})?", Pattern.CASE_INSENSITIVE);

    private final Members members;

    OpenLab(Members members) {
        this.members = members;
    }

    /** Whether this call may do all without saying who it is. */
    public boolean open(HttpServletRequest request) {
        return ofThisComputer(request) && !members.any();
    }

    /** Whether it comes from this computer itself, by a name of this computer alone, through nobody else. */
    public static boolean ofThisComputer(HttpServletRequest request) {
        return FORWARDING.stream().allMatch(h -> request.getHeader(h) == null)
                && LOOPBACK_NAME.matcher(host(request)).matches()
                && loopback(request.getRemoteAddr());
    }

    private static String host(HttpServletRequest request) {
        String said = request.getHeader("Host");
        return (said == null ? request.getServerName() : said).toLowerCase(Locale.ROOT);
    }

    private static boolean loopback(@Nullable String peer) {
        try {
            // an address is read, never looked up; without one Java would take its own
            return peer != null
                    && !peer.isEmpty()
                    && InetAddress.getByName(peer).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
