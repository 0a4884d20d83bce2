package venue.server.pack;

import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.MediaType;
import org.springframework.http.MediaTypeFactory;
import venue.core.model.media.Media;
import venue.store.pack.PackFile;

/** Shows pictures of a pack in markup, by their smallest renditions; what is too large stands as a plain ground. */
final class PackedPictures {

    private static final int MOST_BYTES_OF_ONE = 150_000;
    private static final int MOST_BYTES_OF_ALL = 900_000;
    private static final String GROUND =
            "data:image/svg+xml,%3Csvg%20xmlns=%27http://www.w3.org/2000/svg%27%3E%3Crect%20width=%27100%25%27%20height=%27100%25%27%20fill=%27%23bbb%27/%3E%3C/svg%3E";
    /** Each names renditions that are not here, and the one in "src" will do. */
    private static final Pattern SOURCES = Pattern.compile(" srcset=\"[^\"]*\"");

    private final PackFile pack;
    private int left = MOST_BYTES_OF_ALL;

    PackedPictures(PackFile pack) {
        this.pack = pack;
    }

    static boolean shows(String html, Media media) {
        return html.contains(stem(media));
    }

    String in(String html, List<Media> pictures) throws IOException {
        String shown = SOURCES.matcher(html).replaceAll("");
        for (Media picture : pictures) {
            shown = Pattern.compile(Pattern.quote(stem(picture)) + "[-0-9]*\\.[a-z0-9]+")
                    .matcher(shown)
                    .replaceAll(Matcher.quoteReplacement(source(picture)));
        }
        return shown;
    }

    private String source(Media picture) throws IOException {
        String name = PackFile.nameOf(picture.paths().findFirst().orElse(picture.path()));
        byte[] bytes = pack.file(name, Math.min(left, MOST_BYTES_OF_ONE)).orElse(null);
        if (bytes == null) {
            return GROUND;
        }
        left -= bytes.length;
        String type = MediaTypeFactory.getMediaType(name)
                .map(MediaType::toString)
                .orElse(MediaType.APPLICATION_OCTET_STREAM_VALUE);
        return "data:" + type + ";base64," + Base64.getEncoder().encodeToString(bytes);
    }

    /** How the paths of all its renditions begin. */
    private static String stem(Media media) {
        return media.path().replaceFirst("(-[0-9]+)?\\.[a-z0-9]+$", "");
    }
}
