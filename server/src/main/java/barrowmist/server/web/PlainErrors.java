package barrowmist.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.apache.catalina.Pipeline;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.core.Ordered;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What goes wrong outside of the controllers is said as everything else is: in a problem document. */
@RestController
@io.swagger.v3.oas.annotations.Hidden
class PlainErrors implements ErrorController {

    @RequestMapping("${server.error.path:/error}")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer c ? HttpStatus.resolve(c) : HttpStatus.NOT_FOUND;
        HttpStatus said = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
        return ResponseEntity.status(said)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problems.of(said, said.getReasonPhrase(), sentence(said.value())));
    }

    static String sentence(int status) {
        return switch (status) {
            case 400 -> "This address or request cannot be read.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This cannot be done with what is at this address.";
            case 413 -> "This is too large.";
            default ->
                status >= 500 ? "Something went wrong in Barrowmist itself. Try again." : "This cannot be answered.";
        };
    }

    /** What the server refuses before any filter, such as an address with a NUL in it. */
    static final class Valve extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < HttpStatus.BAD_REQUEST.value() || response.getContentWritten() > 0) {
                return;
            }
            HttpStatus known = HttpStatus.resolve(status);
            String title = known == null ? "Not answered" : known.getReasonPhrase();
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.getOutputStream()
                        .write(Problems.json(status, title, sentence(status)).getBytes(StandardCharsets.UTF_8));
                response.finishResponse();
            } catch (IOException | IllegalStateException e) {
                container.getLogger().debug("an error could not be told", e);
            }
        }
    }

    /** Puts that valve in place of the one that writes a page. */
    @Component
    static class Installed implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {
        @Override
        public void customize(TomcatServletWebServerFactory factory) {
            factory.addContextCustomizers(context -> {
                Pipeline host = context.getParent().getPipeline();
                Arrays.stream(host.getValves())
                        .filter(ErrorReportValve.class::isInstance)
                        .forEach(host::removeValve);
                // named too, or the host would add its own again when it starts
                if (context.getParent() instanceof StandardHost standard) {
                    standard.setErrorReportValveClass(Valve.class.getName());
                }
                host.addValve(new Valve());
            });
        }

        /** After the server's own customizers, one of which adds such a page. */
        @Override
        public int getOrder() {
            return LOWEST_PRECEDENCE;
        }
    }
}
