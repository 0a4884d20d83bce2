package venue.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;
import venue.core.basics.fault.Refusal;
import venue.store.database.StorageTrouble;

/** Turns refusals, and what the framework and the disk refuse, into problem details. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);
    private static final int SHOWN = 60;
    private static final int SOON_S = 5;
    /** A form that is shorter than this is refused for the name of its file, not for the file. */
    private static final long SMALL = 1024 * 1024;

    private static final String AS_DESCRIBED = "Ask as /api/openapi describes.";

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        HttpStatus status = switch (refusal.sort()) {
            case BAD_INPUT -> HttpStatus.UNPROCESSABLE_CONTENT;
            case NOT_FOUND -> HttpStatus.NOT_FOUND;
            case CONFLICT -> HttpStatus.CONFLICT;
            case FORBIDDEN -> HttpStatus.FORBIDDEN;
            case BUSY -> HttpStatus.SERVICE_UNAVAILABLE;
        };
        ProblemDetail problem = Problems.of(status, refusal.code(), refusal.getMessage(), refusal.fix());
        if (refusal.field() != null) {
            problem.setProperty("field", refusal.field());
        }
        refusal.details().forEach(problem::setProperty);
        ResponseEntity<ProblemDetail> answer = Problems.answer(problem);
        return refusal.sort() == Refusal.Sort.BUSY ? later(answer, refusal) : answer;
    }

    /** When to come again (RFC 9110, 10.2.3). */
    private static ResponseEntity<ProblemDetail> later(ResponseEntity<ProblemDetail> answer, Refusal refusal) {
        HttpHeaders headers = new HttpHeaders(answer.getHeaders());
        headers.set(HttpHeaders.RETRY_AFTER, String.valueOf(refusal.details().getOrDefault("retryAfter", SOON_S)));
        return new ResponseEntity<>(answer.getBody(), headers, answer.getStatusCode());
    }

    /** What arrived is no JSON, or not of the shape asked for; a refusal within it is told as such. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refusal refusal) {
                return refused(refusal);
            }
            if (cause instanceof JacksonException json && !(json.getCause() instanceof Refusal)) {
                return Problems.answer(Unreadable.of(json));
            }
        }
        return field("body", "What was sent can't be read.", "Send JSON of the shape that /api/openapi describes.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongArgument(MethodArgumentTypeMismatchException e) {
        String given = String.valueOf(e.getValue());
        String wanted = e.getRequiredType() != null && e.getRequiredType().isPrimitive() ? "a number" : "of this sort";
        return field(
                e.getName(),
                "“" + given.substring(0, Math.min(SHOWN, given.length())) + "” is not " + wanted + ".",
                AS_DESCRIBED);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> missing(MissingServletRequestParameterException e) {
        return field(e.getParameterName(), "“" + e.getParameterName() + "” is missing.", AS_DESCRIBED);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> missing(MissingServletRequestPartException e) {
        return field(e.getRequestPartName(), "“" + e.getRequestPartName() + "” is missing.", AS_DESCRIBED);
    }

    /** Percent signs in a query that are followed by nothing that can be decoded. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> undecodable(InvalidParameterException e) {
        return field("query", "What stands after the question mark can't be decoded.", AS_DESCRIBED);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noForm(MultipartException e) {
        return StorageTrouble.behind(e)
                .map(ProblemAdvice::trouble)
                .orElseGet(() -> field(
                        "file",
                        "What was sent is no form with a file, or its file's name is too long.",
                        "Send one as multipart/form-data (RFC 7578), under a shorter name."));
    }

    private static ResponseEntity<ProblemDetail> field(String field, String message, String fix) {
        ProblemDetail problem = Problems.of(HttpStatus.BAD_REQUEST, "unreadable", message, fix);
        problem.setProperty("field", field);
        return Problems.answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(MaxUploadSizeExceededException e, HttpServletRequest request) {
        if (request.getContentLengthLong() < SMALL) {
            return noForm(e);
        }
        return Problems.answer(
                HttpStatus.CONTENT_TOO_LARGE,
                "file-too-large",
                "This file is larger than the 500 MB that fit.",
                "Save it shorter, or in a lower quality.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> signedOut(AuthenticationException e) {
        return Problems.answer(
                HttpStatus.UNAUTHORIZED, "signed-out", "Nobody is signed in here.", "Sign in, then try again.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noToken(AccessDeniedException e) {
        return Problems.answer(
                HttpStatus.FORBIDDEN,
                "no-token",
                "This did not come from a window of the interface.",
                "Send the value of the cookie XSRF-TOKEN-… (its end is in the header Venue-Installation) in the header X-XSRF-TOKEN.");
    }

    /** What the framework refuses itself, what the disk does, and what nobody foresaw. */
    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> other(Exception e) {
        if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
            // Whoever asked has gone.
            return null;
        }
        if (e instanceof ErrorResponse known) {
            String[] words = Problems.words(known.getStatusCode().value());
            return Problems.answer(known.getStatusCode(), words[0], words[1], words[2]);
        }
        Optional<StorageTrouble> trouble = StorageTrouble.behind(e);
        if (trouble.isPresent()) {
            LOG.error("{} ({})", trouble.get().says(), String.valueOf(e.getMessage()));
            return trouble(trouble.get());
        }
        LOG.error("not foreseen", e);
        String[] words = Problems.words(HttpStatus.INTERNAL_SERVER_ERROR.value());
        return Problems.answer(HttpStatus.INTERNAL_SERVER_ERROR, words[0], words[1], words[2]);
    }

    /** 507 (RFC 4918) where there is no room, 503 else: what was sent can be sent again as it is. */
    private static ResponseEntity<ProblemDetail> trouble(StorageTrouble trouble) {
        HttpStatus status =
                trouble == StorageTrouble.DISK_FULL ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
        return Problems.answer(status, trouble.code(), trouble.says(), trouble.fix());
    }

    /** The window that asked is gone; there is nobody to tell. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, AsyncRequestTimeoutException.class})
    void gone(Exception e) {
        LOG.debug("a window closed while it was written to", e);
    }
}
