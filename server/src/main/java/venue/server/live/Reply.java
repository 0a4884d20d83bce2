package venue.server.live;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import venue.core.basics.item.Hash;
import venue.core.show.render.Rendered;

/**
 * A finished answer of the public site: what is sent, and the headers that go with it.
 *
 * @param location where to, for a redirect
 * @param kept the Cache-Control header
 * @param download the Content-Disposition header of what is not to be shown in the page's place
 * @param cookie the Set-Cookie header
 * @param ways what else there is beneath the address of a page
 */
record Reply(
        int status,
        String type,
        Sent sent,
        String kept,
        String policy,
        @Nullable String location,
        @Nullable String download,
        @Nullable String cookie,
        Ways ways) {

    /**
     * What is sent: bytes, or a file that is too large to be held in memory.
     *
     * @param gzip the same bytes compressed, where that pays
     * @param etag empty where the answer has none
     * @param lies where the bytes lie that are not held
     */
    record Sent(
            byte[] body,
            byte @Nullable [] gzip,
            String etag,
            @Nullable Lies lies) {
        static final Sent NOTHING = new Sent(new byte[0], null, "", null);

        @Nullable
        Path file() {
            return lies == null ? null : lies.file();
        }

        boolean isZipped() {
            return gzip != null || lies != null && lies.zipped() != null;
        }
    }

    /**
     * Where bytes lie.
     *
     * @param zipped where the same bytes lie compressed, where they do
     */
    record Lies(Path file, @Nullable Path zipped) {}

    /**
     * What else there is beneath the address of a page.
     *
     * @param further how many pages each listing of a page has that has more than one, by name
     * @param followed the names of the listings that can be followed
     * @param asks whether what a visitor chooses makes the page another
     */
    record Ways(Map<String, Integer> further, Set<String> followed, boolean asks) {
        static final Ways NONE = new Ways(Map.of(), Set.of(), false);
    }

    /** Where the members of every site sign in. */
    static final String SIGN_IN = "/-/sign-in";

    private static final int WORTH = 600;
    private static final int ETAG = 20;

    /** For what has a hash in its name and so never changes. */
    static final String FOR_EVER = SiteHeaders.FOR_EVER;

    /** For pages: kept, but asked about each time. */
    static final String ASK = "no-cache";

    /** For what is made for one visitor: kept with them alone, and asked about each time. */
    static final String PRIVATE = "private, no-cache";

    static final String PAGE_POLICY =
            "default-src 'none'; img-src 'self'; media-src 'self'; style-src 'self'; font-src 'self';"
                    + " connect-src 'self'; script-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    static Reply page(int status, Rendered page) {
        Reply text = text(status, "text/html; charset=utf-8", page.html(), ASK, policy(page));
        return text.but(
                ASK, null, new Ways(page.further(), Set.copyOf(page.fed().keySet()), page.asks()));
    }

    /** The policy names what the renderer made: the hash of the page's own styles (CSP 3, 2.3.1), and what it frames. */
    private static String policy(Rendered page) {
        String pictures = page.tiles().stream().map(t -> " " + t).collect(Collectors.joining());
        String asks = page.server().isEmpty() ? "" : " " + page.server();
        String policy = PAGE_POLICY
                        .replace("img-src 'self'", "img-src 'self'" + pictures)
                        .replace("connect-src 'self'", "connect-src 'self'" + asks)
                        .replace("form-action 'self'", "form-action 'self'" + asks)
                + "; frame-src 'self'"
                + page.frames().stream().map(f -> " " + f).collect(Collectors.joining());
        if (page.ownStyles().isEmpty()) {
            return policy;
        }
        String hash = Base64.getEncoder().encodeToString(HexFormat.of().parseHex(Hash.over(page.ownStyles())));
        return policy.replace("style-src 'self'", "style-src 'self' 'sha256-" + hash + "'");
    }

    private static Reply of(int status, String type, Sent sent, String kept, String policy) {
        return new Reply(status, type, sent, kept, policy, null, null, null, Ways.NONE);
    }

    static Reply text(int status, String type, String words, String kept, String policy) {
        byte[] body = words.getBytes(StandardCharsets.UTF_8);
        byte[] gzip = body.length >= WORTH ? compress(body) : null;
        return of(status, type, new Sent(body, gzip, etag(body), null), kept, policy);
    }

    static Reply text(String type, String words, String kept) {
        return text(200, type, words, kept, PAGE_POLICY);
    }

    static Reply file(String type, byte[] body) {
        return of(200, type, new Sent(body, null, etag(body), null), FOR_EVER, PAGE_POLICY);
    }

    /** For what leaves this machine: whoever takes it tells it from others and compresses it. */
    static Reply bytes(String type, byte[] body, String kept) {
        return of(200, type, new Sent(body, null, "", null), kept, PAGE_POLICY);
    }

    /** A file that is sent from where it lies. */
    static Reply file(String type, Path lies) {
        return file(type, new Lies(lies, null), FOR_EVER);
    }

    /** The same, kept as it is said, and sent compressed to whoever takes that. */
    static Reply file(String type, Lies lies, String kept) {
        return of(200, type, new Sent(new byte[0], null, "", lies), kept, PAGE_POLICY);
    }

    /** The same, to be kept by whoever asks under a file name (RFC 6266). */
    Reply asDownload(String name) {
        String disposition = ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
        return but(kept, disposition, ways);
    }

    /** The same with another Cache-Control. */
    Reply kept(String control) {
        return but(control, download, ways);
    }

    private Reply but(String control, @Nullable String asFile, Ways more) {
        return new Reply(status, type, sent, control, policy, location, asFile, cookie, more);
    }

    /** The same with a Set-Cookie header. */
    Reply with(String setCookie) {
        return new Reply(status, type, sent, kept, policy, location, download, setCookie, ways);
    }

    /** 301 (RFC 9110): the address has changed for good. */
    static Reply moved(String location) {
        return leading(301, location);
    }

    /** 302 (RFC 9110): what is asked for may be there again. */
    static Reply elsewhereForNow(String location) {
        return leading(302, location);
    }

    private static Reply leading(int status, String location) {
        return new Reply(
                status, "text/plain; charset=utf-8", Sent.NOTHING, ASK, PAGE_POLICY, location, null, null, Ways.NONE);
    }

    /** 303 (RFC 9110): what was sent has been done, and this is to be seen now. */
    static Reply seeOther(String location) {
        return leading(303, location).kept("no-store");
    }

    /** The same with another status. */
    Reply status(int other) {
        return new Reply(other, type, sent, kept, policy, location, download, cookie, ways);
    }

    /** Leads to where visitors sign in, who come to an address of the site then. */
    static Reply signIn(String to) {
        return elsewhereForNow(SIGN_IN + "?to=" + URLEncoder.encode(to, StandardCharsets.UTF_8))
                .kept(PRIVATE);
    }

    /** What leads to another address of the site takes along what else was asked. */
    Reply asking(@Nullable String query) {
        if (location == null || !location.startsWith("/") || query == null || query.isEmpty()) {
            return this;
        }
        if (location.startsWith(SIGN_IN + "?")) {
            return leading(status, location + URLEncoder.encode("?" + query, StandardCharsets.UTF_8))
                    .kept(kept);
        }
        int hash = location.indexOf('#');
        String path = hash < 0 ? location : location.substring(0, hash);
        return leading(status, path + "?" + query + location.substring(path.length()));
    }

    /** 503 (RFC 9110, 15.6.4): so many ask for this at once that others wait. */
    static Reply comeAgain() {
        String words = "Many people are searching at this moment. Try again in a second.\n";
        return text(503, "text/plain; charset=utf-8", words, "no-store", PAGE_POLICY);
    }

    /** Whether it is a page, to be read. */
    boolean isPage() {
        return type.startsWith("text/html");
    }

    int weight() {
        return sent.body.length + (sent.gzip == null ? 0 : sent.gzip.length) + WORTH;
    }

    private static String etag(byte[] body) {
        return "\"" + Hash.over(body).first(ETAG) + "\"";
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
