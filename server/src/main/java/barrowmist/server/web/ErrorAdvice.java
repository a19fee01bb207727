package barrowmist.server.web;

import java.util.List;
import java.util.Optional;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Turns what goes wrong into sentences that a person can act on ({@code application/problem+json}). */
@RestControllerAdvice
class ErrorAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ErrorAdvice.class);

    private final StoreDoctor store;

    ErrorAdvice(StoreDoctor store) {
        this.store = store;
    }

    private static final Resource PAGE = new ClassPathResource("static/index.html");

    @ExceptionHandler
    ProblemDetail notFound(NotFound e) {
        return Problems.of(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict e) {
        ProblemDetail problem = Problems.of(HttpStatus.CONFLICT, "Changed meanwhile", e.getMessage());
        e.details().forEach(problem::setProperty);
        return problem;
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail store(RuntimeException e) {
        if (!Clash.is(e)) {
            return unexpected(e);
        }
        return Problems.of(
                HttpStatus.CONFLICT,
                "Changed meanwhile",
                "Somebody else changed this at the same moment. Nothing was overwritten: load it again and repeat.");
    }

    @ExceptionHandler
    ProblemDetail input(InputProblems e) {
        ProblemDetail problem = Problems.of(HttpStatus.UNPROCESSABLE_ENTITY, "Not kept", e.getMessage());
        problem.setProperty("problems", e.problems());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail tooMany(TooMany e) {
        return Problems.of(HttpStatus.TOO_MANY_REQUESTS, "Tried too often", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail full(DiskFull e) {
        return noRoom(e.getMessage());
    }

    private static ProblemDetail noRoom(@Nullable String why) {
        return Problems.of(HttpStatus.INSUFFICIENT_STORAGE, "No room on the disk", why);
    }

    @ExceptionHandler
    ProblemDetail later(StoredLater e) {
        return Problems.of(HttpStatus.INTERNAL_SERVER_ERROR, "Saved by a later version", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        Optional<String> said = store.diagnose(e);
        if (said.isPresent()) {
            return noRoom(said.get());
        }
        LOG.error("unexpected", e);
        return Problems.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Barrowmist failed",
                "Something went wrong in Barrowmist itself; what was saved before is safe. The server's log has more.");
    }

    @ExceptionHandler
    ProblemDetail slow(SlowBody e) {
        return Problems.of(HttpStatus.REQUEST_TIMEOUT, "Too slow", e.getMessage());
    }

    /** What stands in an address and cannot be decoded, such as {@code %ff}. */
    @ExceptionHandler
    ProblemDetail undecoded(InvalidParameterException e) {
        return Problems.of(HttpStatus.BAD_REQUEST, "Not read", PlainErrors.sentence(HttpStatus.BAD_REQUEST.value()));
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(status).body(Problems.of(HttpStatus.BAD_REQUEST, "Not read", Unreadable.text(e)));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (NestedExceptionUtils.getMostSpecificCause(e) instanceof SlowBody slow) {
            return ResponseEntity.status(HttpStatus.REQUEST_TIMEOUT).body(slow(slow));
        }
        ProblemDetail problem =
                Problems.of(HttpStatus.UNPROCESSABLE_ENTITY, "Not kept", "Nothing was kept: 1 value to mend.");
        problem.setProperty("problems", List.of(Unreadable.problem(e)));
        return ResponseEntity.unprocessableContent().body(problem);
    }

    /** A person who mistyped an address gets the page that says so; a script gets a problem document. */
    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String accepts = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        if (accepts.contains(MediaType.TEXT_HTML_VALUE) && PAGE.exists()) {
            return ResponseEntity.status(status)
                    .contentType(MediaType.TEXT_HTML)
                    .body(PAGE);
        }
        return ResponseEntity.status(status)
                .body(Problems.of(
                        HttpStatus.NOT_FOUND, "Not found", "There is nothing at " + e.getResourcePath() + "."));
    }
}
