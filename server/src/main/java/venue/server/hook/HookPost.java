package venue.server.hook;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.apache.hc.client5.http.classic.methods.HttpPost;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.HttpException;
import org.apache.hc.core5.http.io.entity.ByteArrayEntity;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Posts to another machine. */
@Component
public class HookPost {

    /** What came of it where it was taken. */
    public static final String TAKEN = "taken";

    private final OpenClient open;

    HookPost(OpenClient open) {
        this.open = open;
    }

    /** What came of it, in few words: {@code taken}, or why not. */
    public String post(String address, String json) {
        return post(address, json, null);
    }

    /** The same, signed. */
    String post(String address, String json, @Nullable String signed) {
        HttpPost post;
        try {
            post = new HttpPost(URI.create(address));
        } catch (IllegalArgumentException unfit) {
            return "it is no address";
        }
        if (signed != null) {
            post.setHeader("Venue-Signed", signed);
        }
        post.setEntity(new ByteArrayEntity(json.getBytes(StandardCharsets.UTF_8), ContentType.APPLICATION_JSON));
        try {
            int status = open.status(post);
            return status / 100 == 2 ? TAKEN : "it answered " + status;
        } catch (IOException | HttpException | RuntimeException failed) {
            return why(failed);
        }
    }

    /** Why a machine could not be asked, in few words. */
    public static String why(Exception failed) {
        String why = String.valueOf(failed.getMessage()).replaceAll("\\s+", " ").strip();
        return why.substring(0, Math.min(why.length(), 200));
    }
}
