package venue.server.live;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.http.MediaType;
import org.springframework.http.MediaTypeFactory;
import venue.core.model.media.Media;
import venue.core.show.feed.Atom;

/** The media types (RFC 6838) of the files that a site keeps; texts among them are in UTF-8. */
public final class FileTypes {

    /** What we write ourselves, by endings that nothing else has. */
    private static final Map<String, String> OURS = Map.ofEntries(
            Map.entry("html", "text/html; charset=utf-8"),
            Map.entry("plain", "text/plain; charset=utf-8"),
            Map.entry("xml", LiveSitemaps.XML),
            Map.entry("atom", Atom.TYPE + "; charset=utf-8"),
            Map.entry("feed", "application/feed+json; charset=utf-8"),
            Map.entry("calendar", "text/calendar; charset=utf-8"),
            Map.entry("script", "text/javascript; charset=utf-8"),
            Map.entry("css", "text/css; charset=utf-8"),
            Map.entry("webmanifest", "application/manifest+json"),
            Map.entry("osdx", "application/opensearchdescription+xml; charset=utf-8"),
            Map.entry("woff2", "font/woff2"));

    private static final String OTHER = "other";

    private FileTypes() {}

    /** All types that sites serve, by the endings of what is served. */
    public static Map<String, String> all() {
        Map<String, String> all = new TreeMap<>();
        Media.formats().forEach(format -> all.put(format, of("x." + format)));
        all.putAll(OURS);
        return all;
    }

    /** The ending by which what is of a type is known. */
    public static String ending(String type) {
        return OURS.entrySet().stream()
                .filter(e -> e.getValue().equals(type))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(OTHER);
    }

    static String of(String name) {
        MediaType type = MediaTypeFactory.getMediaType(name).orElse(MediaType.APPLICATION_OCTET_STREAM);
        return (type.getType().equals("text") ? new MediaType(type, StandardCharsets.UTF_8) : type).toString();
    }
}
