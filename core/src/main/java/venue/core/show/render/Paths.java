package venue.core.show.render;

import java.net.URI;
import java.net.URISyntaxException;

/** Paths as they stand in addresses. */
final class Paths {

    private Paths() {}

    /** Percent-encodes what RFC 3986 does not let stand in a path; slashes stay. */
    static String encode(String path) {
        if (isPlain(path)) {
            return path;
        }
        try {
            return new URI(null, null, path, null).toASCIIString();
        } catch (URISyntaxException e) {
            throw new IllegalArgumentException("not a path: " + path, e);
        }
    }

    private static boolean isPlain(String path) {
        for (int i = 0; i < path.length(); i++) {
            char c = path.charAt(i);
            boolean plain =
                    c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c >= 'A' && c <= 'Z' || "/-._~".indexOf(c) >= 0;
            if (!plain) {
                return false;
            }
        }
        return true;
    }
}
