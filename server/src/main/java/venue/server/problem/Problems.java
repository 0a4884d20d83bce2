package venue.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.json.JsonMapper;

/** Problem details (RFC 9457) with a stable {@code code} and a way out, {@code fix}. */
public final class Problems {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Problems() {}

    static ProblemDetail of(HttpStatusCode status, String code, String message, String fix) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, message);
        problem.setTitle(code.replace('-', ' ').toLowerCase(Locale.ROOT));
        problem.setProperty("code", code);
        problem.setProperty("fix", fix);
        return problem;
    }

    static ResponseEntity<ProblemDetail> answer(HttpStatusCode status, String code, String message, String fix) {
        return answer(of(status, code, message, fix));
    }

    static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    /** Answers where no controller was reached. */
    public static void write(HttpServletResponse answer, int status, String code, String message, String fix)
            throws IOException {
        answer.setStatus(status);
        answer.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        answer.setHeader("Cache-Control", "no-store");
        answer.setHeader("X-Content-Type-Options", "nosniff");
        byte[] body = JSON.writeValueAsBytes(java.util.Map.of(
                "status", status,
                "title", code.replace('-', ' '),
                "code", code,
                "detail", message,
                "fix", fix));
        answer.setContentLength(body.length);
        answer.getOutputStream().write(body);
    }

    /** Title and way out for a status that was answered before any controller was reached. */
    static String[] words(int status) {
        return switch (status) {
            case 400 ->
                new String[] {
                    "unreadable", "This address or its headers can't be read.", "Ask as /api/openapi describes."
                };
            case 401 -> new String[] {"signed-out", "Nobody is signed in here.", "Sign in, then try again."};
            case 404 ->
                new String[] {
                    "not-found", "There is nothing at this address.", "Look at /api/openapi for what there is."
                };
            case 405, 501 ->
                new String[] {
                    "method-not-known", "This can't be asked by this method.", "Ask as /api/openapi describes."
                };
            case 413 -> new String[] {"too-large", "This is larger than what is taken.", "Send less at once."};
            case 414, 431 ->
                new String[] {"too-long", "This address or its headers are too long.", "Ask with less in them."};
            default ->
                status >= 500
                        ? new String[] {
                            "failed",
                            "Something went wrong here. It stands in the server's log.",
                            "Try again; what was kept before stays."
                        }
                        : new String[] {"refused", "This is not done.", "Ask as /api/openapi describes."};
        };
    }
}
