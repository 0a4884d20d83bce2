package venue.server.live;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HexFormat;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import venue.core.item.Hash;

/**
 * A finished answer of the public site: bytes, compressed bytes where that pays, and the headers that go with them.
 *
 * @param location where to, for a redirect
 * @param kept the Cache-Control header
 */
record Reply(
        int status,
        String type,
        byte[] body,
        byte @Nullable [] gzip,
        String etag,
        String kept,
        String policy,
        @Nullable String location) {

    private static final int WORTH = 600;
    private static final Pattern FRAME = Pattern.compile("<iframe src=\"(https://[^/\"]+)");
    private static final String STYLE = "<style>";
    private static final int ETAG = 20;

    /** For what has a hash in its name and so never changes. */
    static final String FOR_EVER = "public, max-age=31536000, immutable";

    /** For pages: kept, but asked about each time. */
    static final String ASK = "no-cache";

    private static final String PAGE_POLICY =
            "default-src 'none'; img-src 'self'; media-src 'self'; style-src 'self'; font-src 'self';"
                    + " script-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    static Reply page(int status, String html) {
        return text(status, "text/html; charset=utf-8", html, ASK, policy(html));
    }

    /** Pages may hold one style element of our own making: the policy names its hash (CSP 3, 2.3.1). */
    private static String policy(String html) {
        String policy = PAGE_POLICY + "; frame-src 'self'" + framed(html);
        int from = html.indexOf(STYLE);
        if (from < 0) {
            return policy;
        }
        String css = html.substring(from + STYLE.length(), html.indexOf("</style>", from));
        String hash = Base64.getEncoder()
                .encodeToString(HexFormat.of().parseHex(Hash.of(css.getBytes(StandardCharsets.UTF_8))));
        return policy.replace("style-src 'self'", "style-src 'self' 'sha256-" + hash + "'");
    }

    /** The renderer frames only what the managers allow, so what is framed here is allowed. */
    private static String framed(String html) {
        return FRAME.matcher(html)
                .results()
                .map(m -> " " + m.group(1))
                .distinct()
                .sorted()
                .collect(Collectors.joining());
    }

    static Reply text(int status, String type, String words, String kept, String policy) {
        byte[] body = words.getBytes(StandardCharsets.UTF_8);
        byte[] gzip = body.length >= WORTH ? compress(body) : null;
        return new Reply(status, type, body, gzip, etag(body), kept, policy, null);
    }

    static Reply text(String type, String words, String kept) {
        return text(200, type, words, kept, PAGE_POLICY);
    }

    static Reply file(String type, byte[] body) {
        return new Reply(200, type, body, null, etag(body), FOR_EVER, PAGE_POLICY, null);
    }

    /** The same with another Cache-Control. */
    Reply kept(String control) {
        return new Reply(status, type, body, gzip, etag, control, policy, location);
    }

    /** 301 (RFC 9110): the address has changed for good. */
    static Reply moved(String location) {
        byte[] body = new byte[0];
        return new Reply(301, "text/plain; charset=utf-8", body, null, "", ASK, PAGE_POLICY, location);
    }

    int weight() {
        return body.length + (gzip == null ? 0 : gzip.length) + WORTH;
    }

    private static String etag(byte[] body) {
        return "\"" + Hash.of(body).substring(0, ETAG) + "\"";
    }

    private static byte[] compress(byte[] body) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(body);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
