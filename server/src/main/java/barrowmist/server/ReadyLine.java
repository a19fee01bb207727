package barrowmist.server;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where to go, once everything is there. */
@Component
class ReadyLine {

    private final boolean https;

    ReadyLine(@Value("${server.ssl.bundle:}") String bundle) {
        https = !bundle.isEmpty();
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web
                && web.getWebServer() != null) {
            System.out.println("Barrowmist is ready: " + (https ? "https" : "http") + "://localhost:"
                    + web.getWebServer().getPort());
        }
    }
}
