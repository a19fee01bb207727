package barrowmist.server.access;

import barrowmist.server.web.SlowBody;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A request whose body has to come to its end in a given time, byte after byte or at once. */
final class TimedBody extends HttpServletRequestWrapper {

    private static final int AT_ONCE = 8192;

    private final long deadlineNanos;
    private @Nullable ServletInputStream body;

    TimedBody(HttpServletRequest request, Duration time) {
        super(request);
        deadlineNanos = System.nanoTime() + time.toNanos();
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        if (body == null) {
            body = new Timed(super.getInputStream());
        }
        return body;
    }

    @Override
    public BufferedReader getReader() throws IOException {
        Charset charset = Optional.ofNullable(getCharacterEncoding())
                .map(Charset::forName)
                .orElse(StandardCharsets.UTF_8);
        return new BufferedReader(new InputStreamReader(getInputStream(), charset));
    }

    /** Reads what nobody asked for, so that the next request on this connection begins where it begins. */
    void drain() throws IOException {
        byte[] rest = new byte[AT_ONCE];
        ServletInputStream in = getInputStream();
        while (!in.isFinished() && in.read(rest) >= 0) {
            // not kept
        }
    }

    private final class Timed extends ServletInputStream {
        private final ServletInputStream in;

        Timed(ServletInputStream in) {
            this.in = in;
        }

        private void inTime() throws IOException {
            if (System.nanoTime() - deadlineNanos > 0) {
                throw new SlowBody();
            }
        }

        @Override
        public int read() throws IOException {
            inTime();
            return in.read();
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            inTime();
            return in.read(into, from, length);
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
