package venue.server.live;

import java.util.Map;

/** The media types (RFC 6838) of the files that a site keeps. */
final class FileTypes {

    private static final Map<String, String> BY_ENDING = Map.ofEntries(
            Map.entry("jpg", "image/jpeg"),
            Map.entry("png", "image/png"),
            Map.entry("svg", "image/svg+xml"),
            Map.entry("mp4", "video/mp4"),
            Map.entry("webm", "video/webm"),
            Map.entry("mp3", "audio/mpeg"),
            Map.entry("m4a", "audio/mp4"),
            Map.entry("ogg", "audio/ogg"),
            Map.entry("wav", "audio/wav"),
            Map.entry("pdf", "application/pdf"),
            Map.entry("txt", "text/plain; charset=utf-8"),
            Map.entry("csv", "text/csv; charset=utf-8"));

    private FileTypes() {}

    static String of(String name) {
        return BY_ENDING.getOrDefault(name.substring(name.lastIndexOf('.') + 1), "application/octet-stream");
    }
}
