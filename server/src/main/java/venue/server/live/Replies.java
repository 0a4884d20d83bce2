package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.ServletWebRequest;

/** Sends finished answers: conditional requests, compression and headers after RFC 9110. */
final class Replies {

    private Replies() {}

    static void send(HttpServletRequest asked, HttpServletResponse answer, Reply reply) throws IOException {
        byte[] gzip =
                takesGzip(asked.getHeader("Accept-Encoding")) ? reply.sent().gzip() : null;
        String etag = gzip == null ? reply.sent().etag() : zipped(reply.sent().etag());
        headers(answer, reply, etag);
        if (reply.location() != null) {
            answer.setHeader("Location", reply.location());
        }
        if (reply.status() == HttpServletResponse.SC_OK
                && !etag.isEmpty()
                && new ServletWebRequest(asked, answer).checkNotModified(etag)) {
            return;
        }
        answer.setStatus(reply.status());
        answer.setContentType(reply.type());
        if (gzip != null) {
            answer.setHeader("Content-Encoding", "gzip");
        }
        byte[] body = gzip == null ? reply.sent().body() : gzip;
        answer.setContentLength(body.length);
        if (!asked.getMethod().equals("HEAD")) {
            answer.getOutputStream().write(body);
        }
    }

    /** What is compressed is another representation, and has another tag (RFC 9110, 8.8.3.3). */
    private static String zipped(String etag) {
        return etag.isEmpty() ? etag : etag.substring(0, etag.length() - 1) + "-gzip\"";
    }

    static void headers(HttpServletResponse answer, Reply reply, String etag) {
        if (!etag.isEmpty()) {
            answer.setHeader("ETag", etag);
        }
        if (reply.sent().isZipped()) {
            answer.addHeader("Vary", "Accept-Encoding");
        }
        answer.setHeader("Cache-Control", reply.kept());
        if (reply.status() == HttpServletResponse.SC_SERVICE_UNAVAILABLE) {
            answer.setHeader("Retry-After", "1");
        }
        safe(answer, reply.policy());
        if (reply.cookie() != null) {
            answer.setHeader("Set-Cookie", reply.cookie());
        }
        if (reply.download() != null) {
            answer.setHeader("Content-Disposition", reply.download());
        }
        if (reply.type().startsWith("font/")
                || reply.type().startsWith("text/css")
                || reply.kept().equals(Reply.FOR_EVER)) {
            answer.setHeader("Access-Control-Allow-Origin", "*");
        }
    }

    /** What every answer of a site says of how it may be used. */
    static void safe(HttpServletResponse answer, String policy) {
        answer.setHeader("Content-Security-Policy", policy);
        SiteHeaders.ALL.forEach(answer::setHeader);
    }

    /** Whether gzip is among what is accepted, by itself or as anything, with a weight above 0 (RFC 9110, 12.5.3). */
    static boolean takesGzip(@Nullable String accepted) {
        double any = 0;
        for (String part : accepted == null ? new String[0] : accepted.split(",")) {
            String[] coding = part.strip().split("\\s*;\\s*");
            if (coding[0].equalsIgnoreCase("gzip") || coding[0].equalsIgnoreCase("x-gzip")) {
                return weight(coding) > 0;
            }
            any = coding[0].equals("*") ? weight(coding) : any;
        }
        return any > 0;
    }

    private static double weight(String[] coding) {
        try {
            return coding.length < 2 ? 1 : Double.parseDouble(coding[1].replaceFirst("^[qQ]\\s*=\\s*", ""));
        } catch (NumberFormatException e) {
            return 0;
        }
    }
}
