package venue.server.live;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import venue.server.app.SafeHeaders;

/** What every answer of a site says of how it may be used, whatever it is. */
public final class SiteHeaders {

    /** For what has a hash in its name and so never changes. */
    public static final String FOR_EVER = "public, max-age=31536000, immutable";

    /** By name, in the order in which they are sent. */
    public static final Map<String, String> ALL = all();

    private SiteHeaders() {}

    private static Map<String, String> all() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("X-Content-Type-Options", "nosniff");
        all.put("Referrer-Policy", "strict-origin-when-cross-origin");
        all.put("Permissions-Policy", SafeHeaders.PERMISSIONS);
        all.put("Cross-Origin-Opener-Policy", "same-origin");
        return Collections.unmodifiableMap(all);
    }
}
