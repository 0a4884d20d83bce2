package venue.server.live;

import java.util.Map;
import venue.core.show.render.View;

/**
 * What whoever asks for an address gets first.
 *
 * @param status of HTTP (RFC 9110)
 * @param location where it leads; empty where it leads nowhere else
 */
public record AnswerAt(int status, String location) {

    /**
     * @param view whose page it is, and as what it is looked at
     * @param path decoded, of a page or of what stands beneath one
     */
    public static AnswerAt of(View view, String path) {
        Reply reply = new PageReplies(view, Map.of()).at(path);
        return new AnswerAt(reply.status(), reply.location() == null ? "" : reply.location());
    }
}
