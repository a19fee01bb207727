package barrowmist.server.web;

import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns what goes wrong into sentences that a person can act on ({@code application/problem+json}). */
@RestControllerAdvice
class ErrorAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ErrorAdvice.class);

    private static final Resource PAGE = new ClassPathResource("static/index.html");

    @ExceptionHandler
    ProblemDetail notFound(NotFound e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "Changed meanwhile", e.getMessage());
        e.details().forEach(problem::setProperty);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail conflict(ObjectOptimisticLockingFailureException e) {
        return problem(
                HttpStatus.CONFLICT,
                "Changed meanwhile",
                "Somebody else changed this at the same moment. Nothing was overwritten: load it again and repeat.");
    }

    @ExceptionHandler
    ProblemDetail input(InputProblems e) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "Not kept", e.getMessage());
        problem.setProperty("problems", e.problems());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        LOG.error("unexpected", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Barrowmist failed",
                "Something went wrong in Barrowmist itself; what was saved before is safe. The server's log has more.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_ENTITY, "Not kept", "Nothing was kept: 1 value to mend.");
        problem.setProperty("problems", List.of(unreadable(e)));
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
                .body(problem(HttpStatus.NOT_FOUND, "Not found", "There is nothing at " + e.getResourcePath() + "."));
    }

    private static FieldProblem unreadable(HttpMessageNotReadableException e) {
        if (e.getCause() instanceof UnrecognizedPropertyException unknown) {
            List<String> known = unknown.getKnownPropertyIds().stream()
                    .map(Object::toString)
                    .sorted()
                    .toList();
            return new FieldProblem(
                    unknown.getPropertyName(),
                    "%s is not a field here, expected one of %s"
                            .formatted(unknown.getPropertyName(), String.join(", ", known)));
        }
        if (e.getCause() instanceof JacksonException json && !json.getPath().isEmpty()) {
            String field = json.getPath().stream()
                    .map(r -> r.getPropertyName() == null ? String.valueOf(r.getIndex()) : r.getPropertyName())
                    .collect(Collectors.joining("."));
            return new FieldProblem(field, field + " cannot be read: " + json.getOriginalMessage());
        }
        return new FieldProblem("", "The body is not the JSON that is expected here");
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
