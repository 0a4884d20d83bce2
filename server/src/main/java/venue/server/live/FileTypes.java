package venue.server.live;

import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.MediaTypeFactory;

/** The media types (RFC 6838) of the files that a site keeps; texts among them are in UTF-8. */
final class FileTypes {

    private FileTypes() {}

    static String of(String name) {
        MediaType type = MediaTypeFactory.getMediaType(name).orElse(MediaType.APPLICATION_OCTET_STREAM);
        return (type.getType().equals("text") ? new MediaType(type, StandardCharsets.UTF_8) : type).toString();
    }
}
