package barrowmist.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.server.web.SlowBody;
import java.io.IOException;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;

/** What is sent has a time in which it must end. */
class TimedBodyTest {

    private static MockHttpServletRequest request() {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/session");
        request.setContent(new byte[100_000]);
        return request;
    }

    @Test
    void inTimeItIsReadAsItCame() throws IOException {
        TimedBody body = new TimedBody(request(), Duration.ofMinutes(1));
        assertThat(body.getInputStream().readAllBytes()).hasSize(100_000);
        body.drain();
    }

    @Test
    void afterItsTimeNothingMoreIsRead() {
        TimedBody body = new TimedBody(request(), Duration.ofNanos(-1));
        assertThatThrownBy(() -> body.getInputStream().read()).isInstanceOf(SlowBody.class);
        assertThatThrownBy(body::drain).hasMessageContaining("too slowly");
    }
}
