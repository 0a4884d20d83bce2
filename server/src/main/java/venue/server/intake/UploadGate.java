package venue.server.intake;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import venue.core.basics.item.SiteId;
import venue.server.problem.Problems;

/**
 * Looks at what is sent before any of it is received: how long it says it is, whether whoever sends it is signed in and came
 * from a window of ours, and whether the site has room for it.
 */
public final class UploadGate extends OncePerRequestFilter {

    private static final Pattern UPLOAD = Pattern.compile("/api/(?:sites/([^/]{1,40})/(?:media|packs)|packs)");
    private static final long MEGABYTE = 1024 * 1024;
    private static final long MOST_UPLOAD = 512 * MEGABYTE;
    private static final long MOST_OTHER = 16 * MEGABYTE;

    private final Room room;

    public UploadGate(Room room) {
        this.room = room;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (passes(request, response)) {
            chain.doFilter(request, response);
        }
    }

    private boolean passes(HttpServletRequest request, HttpServletResponse response) throws IOException {
        long length = request.getContentLengthLong();
        if (length < 0 && request.getHeader("Transfer-Encoding") != null) {
            return refused(
                    response,
                    411,
                    "length-missing",
                    "It is not said how long this is.",
                    "Send it with Content-Length.");
        }
        if (!isForm(request.getContentType())) {
            return length <= MOST_OTHER
                    || refused(
                            response,
                            413,
                            "too-large",
                            "This has " + length / MEGABYTE + " MB; " + MOST_OTHER / MEGABYTE + " fit.",
                            "Send less at once.");
        }
        Matcher upload = UPLOAD.matcher(request.getRequestURI());
        if (!upload.matches() || !request.getMethod().equals("POST")) {
            return refused(
                    response, 415, "no-form", "No form is taken at this address.", "Ask as /api/openapi describes.");
        }
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who == null || !who.isAuthenticated()) {
            return refused(response, 401, "signed-out", "Nobody is signed in here.", "Sign in, then try again.");
        }
        if (request.getHeader("X-XSRF-TOKEN") == null) {
            return refused(
                    response,
                    403,
                    "no-token",
                    "This did not come from a window of the interface.",
                    "Send the value of the cookie XSRF-TOKEN-… (its end is in the header Venue-Installation) in the header X-XSRF-TOKEN.");
        }
        return hasRoom(SiteId.of(upload.group(1)), length, response);
    }

    private boolean hasRoom(@Nullable SiteId site, long length, HttpServletResponse response) throws IOException {
        if (length > MOST_UPLOAD) {
            return refused(
                    response,
                    413,
                    "file-too-large",
                    "This file is larger than the 500 MB that fit.",
                    "Save it shorter, or in a lower quality.");
        }
        long left = site == null ? MOST_UPLOAD : room.left(site);
        return length <= left
                || refused(
                        response,
                        413,
                        "site-full",
                        "This file has " + length / MEGABYTE + " MB; the site has room for " + left / MEGABYTE + " MB.",
                        "Save it smaller. Whoever runs the server can give the site more room (venue.site-bytes).");
    }

    private static boolean isForm(@Nullable String type) {
        return type != null && type.toLowerCase(java.util.Locale.ROOT).startsWith("multipart/");
    }

    private static boolean refused(HttpServletResponse response, int status, String code, String message, String fix)
            throws IOException {
        Problems.write(response, status, code, message, fix);
        return false;
    }
}
