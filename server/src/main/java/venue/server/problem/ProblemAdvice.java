package venue.server.problem;

import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import venue.core.fault.Refusal;

/** Turns refusals into problem details (RFC 9457) with a stable {@code code} and a {@code fix}. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        HttpStatus status = switch (refusal.sort()) {
            case BAD_INPUT -> HttpStatus.UNPROCESSABLE_CONTENT;
            case NOT_FOUND -> HttpStatus.NOT_FOUND;
            case CONFLICT -> HttpStatus.CONFLICT;
            case FORBIDDEN -> HttpStatus.FORBIDDEN;
        };
        ProblemDetail problem = problem(status, refusal.code(), refusal.getMessage(), refusal.fix());
        if (refusal.field() != null) {
            problem.setProperty("field", refusal.field());
        }
        refusal.details().forEach(problem::setProperty);
        return ResponseEntity.status(status).body(problem);
    }

    /** What arrived is no JSON, or not of the shape asked for; a refusal within it is told as such. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal) {
                return refused(refusal);
            }
        }
        String message = String.valueOf(e.getMostSpecificCause().getMessage()).split("\n", 2)[0];
        return answer(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "This can't be read: " + message.substring(0, Math.min(200, message.length())),
                "Send JSON of the shape that /api/openapi describes.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(MaxUploadSizeExceededException e) {
        return answer(
                HttpStatus.CONTENT_TOO_LARGE,
                "file-too-large",
                "This file is larger than the 500 MB that fit.",
                "Save it shorter, or in a lower quality.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> signedOut(AuthenticationException e) {
        return answer(HttpStatus.UNAUTHORIZED, "signed-out", "Nobody is signed in here.", "Sign in, then try again.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noToken(AccessDeniedException e) {
        return answer(
                HttpStatus.FORBIDDEN,
                "no-token",
                "This did not come from a window of the interface.",
                "Send the XSRF-TOKEN cookie's value in the header X-XSRF-TOKEN.");
    }

    /** What the framework refuses itself, and what nobody foresaw. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> other(Exception e) {
        if (e instanceof ErrorResponse known) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            String detail = String.valueOf(known.getBody().getDetail());
            return answer(status, "unreadable", detail, "Ask as /api/openapi describes.");
        }
        LOG.error("not foreseen", e);
        return answer(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "failed",
                "Something went wrong here. It stands in the server's log.",
                "Try again; what was kept before stays.");
    }

    private static ResponseEntity<ProblemDetail> answer(HttpStatus status, String code, String message, String fix) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(status, code, message, fix));
    }

    /** The window that asked is gone; there is nobody to tell. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, AsyncRequestTimeoutException.class})
    void gone(Exception e) {
        LOG.debug("a window closed while it was written to", e);
    }

    private static ProblemDetail problem(HttpStatus status, String code, String message, String fix) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, message);
        problem.setTitle(code.replace('-', ' ').toLowerCase(Locale.ROOT));
        problem.setProperty("code", code);
        problem.setProperty("fix", fix);
        return problem;
    }
}
