package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;

/** Sends finished answers: conditional requests, compression and headers after RFC 9110. */
final class Replies {

    private Replies() {}

    static void send(HttpServletRequest asked, HttpServletResponse answer, Reply reply) throws IOException {
        headers(answer, reply);
        if (reply.location() != null) {
            answer.setHeader("Location", reply.location());
        }
        if (reply.status() == HttpServletResponse.SC_OK && matches(asked.getHeader("If-None-Match"), reply.etag())) {
            answer.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        answer.setStatus(reply.status());
        answer.setContentType(reply.type());
        byte[] body = reply.body();
        byte[] gzip = reply.gzip();
        if (gzip != null) {
            answer.setHeader("Vary", "Accept-Encoding");
            if (takesGzip(asked.getHeader("Accept-Encoding"))) {
                answer.setHeader("Content-Encoding", "gzip");
                body = gzip;
            }
        }
        answer.setContentLength(body.length);
        if (!asked.getMethod().equals("HEAD")) {
            answer.getOutputStream().write(body);
        }
    }

    private static void headers(HttpServletResponse answer, Reply reply) {
        if (!reply.etag().isEmpty()) {
            answer.setHeader("ETag", reply.etag());
        }
        answer.setHeader("Cache-Control", reply.kept());
        answer.setHeader("Content-Security-Policy", reply.policy());
        answer.setHeader("X-Content-Type-Options", "nosniff");
        answer.setHeader("Referrer-Policy", "strict-origin-when-cross-origin");
        if (reply.type().startsWith("font/") || reply.kept().equals(Reply.FOR_EVER)) {
            answer.setHeader("Access-Control-Allow-Origin", "*");
        }
    }

    private static boolean matches(@Nullable String asked, String etag) {
        return asked != null && (asked.equals("*") || asked.contains(etag));
    }

    private static boolean takesGzip(@Nullable String accepted) {
        return accepted != null && accepted.contains("gzip") && !accepted.contains("gzip;q=0");
    }
}
