package venue.core.render;

import java.net.URI;
import java.net.URISyntaxException;

/** Paths as they stand in addresses. */
public final class Paths {

    private Paths() {}

    /** Percent-encodes what RFC 3986 does not let stand in a path; slashes stay. */
    public static String encode(String path) {
        if (isAscii(path)) {
            return path;
        }
        try {
            return new URI(null, null, path, null).toASCIIString();
        } catch (URISyntaxException e) {
            throw new IllegalArgumentException("not a path: " + path, e);
        }
    }

    private static boolean isAscii(String path) {
        for (int i = 0; i < path.length(); i++) {
            if (path.charAt(i) >= 0x80) {
                return false;
            }
        }
        return true;
    }
}
