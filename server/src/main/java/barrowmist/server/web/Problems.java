package barrowmist.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;

/** Problem documents ({@code application/problem+json}), also where no controller has been reached yet. */
public final class Problems {

    private Problems() {}

    static ProblemDetail of(HttpStatus status, String title, @Nullable String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    public static void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        byte[] body = json(status, title, detail).getBytes(StandardCharsets.UTF_8);
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    static String json(int status, String title, String detail) {
        return Json.write(new Document(title, status, detail));
    }

    private record Document(String title, int status, String detail) {}
}
